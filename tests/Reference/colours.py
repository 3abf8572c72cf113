#!/usr/bin/env python3
"""Makes colours.json: profiles of several kinds, written here, and what Little CMS (by Pillow) makes of colours in them, in sRGB.

Relative colorimetric, without compensation for the black point, without its optimisations: python3 colours.py > colours.json
"""
import base64
import json
import random
import struct
import tempfile

from PIL import Image, ImageCms

D50 = (0.9642, 1.0, 0.8249)
BRADFORD = ((0.8951, 0.2664, -0.1614), (-0.7502, 1.7135, 0.0367), (0.0389, -0.0685, 1.0296))


def times(m, v):
    return [sum(a * b for a, b in zip(row, v)) for row in m]


def inverse(m):
    (a, b, c), (d, e, f), (g, h, i) = m
    det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g)
    return [[x / det for x in row] for row in
            ((e * i - f * h, c * h - b * i, b * f - c * e), (f * g - d * i, a * i - c * g, c * d - a * f), (d * h - e * g, b * g - a * h, a * e - b * d))]


def columns(chromaticities, white):
    """XYZ under D50 of three primaries that together are white, adapted by Bradford."""
    xyz = [(x / y, 1.0, (1 - x - y) / y) for x, y in chromaticities]
    m = [[xyz[j][i] for j in range(3)] for i in range(3)]
    w = (white[0] / white[1], 1.0, (1 - white[0] - white[1]) / white[1])
    scale = times(inverse(m), w)
    seen, wanted = times(BRADFORD, w), times(BRADFORD, D50)
    adapted = []
    for j in range(3):
        cone = times(BRADFORD, [m[i][j] * scale[j] for i in range(3)])
        adapted.append(times(inverse(BRADFORD), [c * b / a for c, a, b in zip(cone, seen, wanted)]))
    return adapted


def fixed(*values):
    return b''.join(struct.pack('>i', round(v * 65536)) for v in values)


def gamma(g):
    return b'curv\0\0\0\0' + struct.pack('>IH', 1, round(g * 256))


def table(of, n):
    return b'curv\0\0\0\0' + struct.pack('>I', n) + b''.join(struct.pack('>H', round(65535 * of(i / (n - 1)))) for i in range(n))


def formula(kind, *p):
    return b'para\0\0\0\0' + struct.pack('>HH', kind, 0) + fixed(*p)


def profile(space, tags):
    tags = {'cprt': b'text\0\0\0\0none\0', 'wtpt': b'XYZ \0\0\0\0' + fixed(*D50),
            'desc': b'desc\0\0\0\0' + struct.pack('>I', 5) + b'test\0' + b'\0' * 78, **tags}
    at, heads, data = 128 + 4 + 12 * len(tags), b'', b''
    for name, body in tags.items():
        heads += name.encode() + struct.pack('>II', at + len(data), len(body))
        data += body + b'\0' * (-len(body) % 4)
    body = struct.pack('>I', len(tags)) + heads + data
    head = struct.pack('>I4sI4s4s4s12s4s', 128 + len(body), b'', 0x02400000, b'mntr', space, b'XYZ ', struct.pack('>6H', 2026, 1, 1, 0, 0, 0), b'acsp')
    return (head.ljust(68, b'\0') + fixed(*D50)).ljust(128, b'\0') + body


def three(chromaticities, white, *curves):
    tags = {f'{letter}XYZ': b'XYZ \0\0\0\0' + fixed(*xyz) for letter, xyz in zip('rgb', columns(chromaticities, white))}
    return profile(b'RGB ', {**tags, **{f'{letter}TRC': curves[i % len(curves)] for i, letter in enumerate('rgb')}})


D65 = (0.3127, 0.3290)
SRGB = ((0.64, 0.33), (0.30, 0.60), (0.15, 0.06))
P3 = ((0.68, 0.32), (0.265, 0.69), (0.15, 0.06))
ROMM = ((0.7347, 0.2653), (0.1596, 0.8404), (0.0366, 0.0001))
SRGB_CURVE = (2.4, 1 / 1.055, 0.055 / 1.055, 1 / 12.92, 0.04045)
PROFILES = {
    # Adobe RGB (1998), 4.3: primaries and exponent.
    'wide, by a power': three(((0.64, 0.33), (0.21, 0.71), (0.15, 0.06)), D65, gamma(563 / 256)),
    # SMPTE EG 432-1: primaries; the curve of sRGB.
    'P3, by a formula': three(P3, D65, formula(3, *SRGB_CURVE)),
    'P3, by a formula of seven': three(P3, D65, formula(4, *SRGB_CURVE, 0.0, 0.0)),
    # ISO 22028-2: primaries under D50, exponent.
    'ROMM, by a table': three(ROMM, (0.3457, 0.3585), table(lambda v: v ** 1.8, 1024)),
    'three curves': three(SRGB, D65, gamma(1.8), formula(1, 2.2, 0.9, 0.1), table(lambda v: v * v, 64)),
    'linear': three(SRGB, D65, b'curv\0\0\0\0' + struct.pack('>I', 0)),
    'sRGB': three(SRGB, D65, formula(3, *SRGB_CURVE)),
}
random.seed(20261201)
COLOURS = [[random.randrange(254) for _ in range(3)] for _ in range(60)] + [[v, v, v] for v in range(0, 254, 11)]
picture = Image.new('RGB', (len(COLOURS), 1))
picture.putdata([tuple(c) for c in COLOURS])
made = {}
for name, data in PROFILES.items():
    with tempfile.NamedTemporaryFile(suffix='.icc') as file:
        file.write(data)
        file.flush()
        transform = ImageCms.buildTransform(file.name, ImageCms.createProfile('sRGB'), 'RGB', 'RGB', renderingIntent=1, flags=0x0100 | 0x0040)
    made[name] = {'profile': base64.b64encode(data).decode(), 'in_srgb': [list(c) for c in ImageCms.applyTransform(picture, transform).getdata()]}
grey = profile(b'GRAY', {'kTRC': gamma(2.2)})
print(json.dumps({'colours': COLOURS, 'of': made, 'grey': base64.b64encode(grey).decode()}))

// What the phone in the hand can tell of a place: where it is, and where it points. Browsers give neither but over HTTPS or on the machine
// itself, and to none that has not been asked for it.

const FIXED_MS = 30_000;
const SETTLED_MS = 1_500;
const SILENT_MS = 5_000;
const FAR_OFF_M = 2_000;
const LOOKS_MS = 50;
const FLAT_DEG = 50;
const STEEP_DEG = 80;
const STEADY_DEG = 8;
const SECURE = 'A browser tells this over HTTPS only, or on the machine that serves.';

const rad = (degrees) => (degrees * Math.PI) / 180;

function fill(id, value) {
    const input = document.getElementById(id);
    input.value = value;
    input.dispatchEvent(new Event('input', { bubbles: true }));
    return input;
}

function locate(field, say) {
    if (!window.isSecureContext || !navigator.geolocation) {
        return say(SECURE);
    }
    say('Asking for the position …');
    navigator.geolocation.getCurrentPosition(
        ({ coords }) => {
            const within = coords.accuracy < 1000 ? `${Math.ceil(coords.accuracy)} m` : `${Math.ceil(coords.accuracy / 1000)} km`;
            fill(field, `${coords.latitude.toFixed(5)}, ${coords.longitude.toFixed(5)}`);
            say(`Within ${within}${coords.accuracy > FAR_OFF_M ? ': look it up on a map' : ''}.`);
        },
        ({ code }) =>
            say(
                {
                    1: 'The browser was not allowed to tell. Allow it for this page, or type the position.',
                    3: 'No position within half a minute. Step into the open, or type it.',
                }[code] ?? 'There is no position to be had here. Type it.',
            ),
        { enableHighAccuracy: true, timeout: FIXED_MS, maximumAge: 0 },
    );
}

// Where the upper edge of a device that lies flat points, clockwise from the north of its compass.
function heading(event) {
    if (typeof event.webkitCompassHeading === 'number') {
        return event.webkitCompassHeading < 0 ? null : event.webkitCompassHeading;
    }
    return event.absolute && event.alpha !== null ? (360 - event.alpha) % 360 : null;
}

function mean(readings) {
    const [x, y] = readings.reduce(([a, b], deg) => [a + Math.cos(rad(deg)), b + Math.sin(rad(deg))], [0, 0]);
    const towards = (Math.atan2(y, x) * 180) / Math.PI;
    return (towards + 360) % 360;
}

const pause = (ms) => new Promise((done) => setTimeout(done, ms));

const apart = (one, other) => Math.abs(((one - other + 540) % 360) - 180);

// Its readings until they have settled: where its upper edge points, and how far up.
async function sight(say, asks) {
    if (!window.isSecureContext || typeof DeviceOrientationEvent === 'undefined') {
        say(SECURE);
        return null;
    }
    if (DeviceOrientationEvent.requestPermission) {
        const allowed = await DeviceOrientationEvent.requestPermission(true).catch(() => 'denied');
        if (allowed !== 'granted') {
            say('The browser was not allowed to tell. Allow it for this page, or type it.');
            return null;
        }
    }
    say(asks);
    const readings = [];
    const read = (event) => {
        const deg = heading(event);
        if (deg !== null) {
            readings.push([deg, event.beta ?? 0, event.gamma ?? 0]);
        }
    };
    const kinds = ['deviceorientationabsolute', 'deviceorientation'];
    kinds.forEach((kind) => window.addEventListener(kind, read));
    const until = performance.now() + SILENT_MS;
    while (readings.length === 0 && performance.now() < until) {
        await pause(LOOKS_MS);
    }
    await pause(readings.length === 0 ? 0 : SETTLED_MS);
    kinds.forEach((kind) => window.removeEventListener(kind, read));
    if (readings.length === 0) {
        say('This device tells no compass bearing. Type it.');
        return null;
    }
    const deg = mean(readings.map(([one]) => one));
    if (readings.some(([one]) => apart(one, deg) > STEADY_DEG)) {
        say('The needle swings. Hold it still, away from tripod, keys and speakers, and press again.');
        return null;
    }
    return { deg: Math.round(deg) % 360, up: Math.round(readings.at(-1)[1]), roll: readings.at(-1)[2] };
}

async function point(field, say) {
    const found = await sight(say, 'Hold it flat, its upper edge to where the lens looks …');
    if (found && (Math.abs(found.up) > FLAT_DEG || Math.abs(found.roll) > FLAT_DEG)) {
        say('Hold it flat, as a compass lies, and press again.');
    } else if (found) {
        const input = fill(field, String(found.deg));
        input.form.elements[`in[${input.name}]`].value = '° mag';
        say(`${found.deg}° by this phone’s compass. Such a one is easily ten degrees off: check it by sun or map.`);
    }
}

// A point of the skyline: sighted along the edge as along a ruler, which tells how high it stands as well.
async function skyline(field, say) {
    const found = await sight(say, 'Look along its long edge, upper end foremost, at a point of the skyline, never into the sun …');
    if (found && Math.abs(found.up) > STEEP_DEG) {
        say('Too steep for a compass. Take a point to the left or right of it.');
    } else if (found) {
        const before = document.getElementById(field).value.replace(/[\s,;]+$/, '');
        fill(field, `${before === '' ? '' : `${before}, `}${found.deg}M ${Math.max(0, found.up)}`);
        say(`${found.deg}° by compass, ${Math.max(0, found.up)}° up. The next one clockwise.`);
    }
}

const KNOWN = { locate, point, skyline };

export function startByPhone() {
    for (const place of document.querySelectorAll('[data-by-phone]')) {
        const said = place.querySelector('[role=status]');
        // What stands on a desk points to nothing.
        place.hidden = place.dataset.byPhone !== 'locate' && !matchMedia('(pointer: coarse)').matches;
        // A second press while it looks would find the same once more.
        let looks = false;
        place.querySelector('button').addEventListener('click', async () => {
            if (!looks) {
                looks = true;
                try {
                    await KNOWN[place.dataset.byPhone](place.dataset.field, (words) => (said.textContent = words));
                } finally {
                    looks = false;
                }
            }
        });
    }
}

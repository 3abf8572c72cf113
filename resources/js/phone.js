// What the phone in the hand can tell of a place: where it is, and where it points. Browsers give neither but over HTTPS or on the machine
// itself, and to none that has not been asked for it.

const FIXED_MS = 30_000;
const SETTLED_MS = 1_500;
const SILENT_MS = 5_000;
const FAR_OFF_M = 2_000;
const FLAT_DEG = 50;
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
        return event.webkitCompassHeading;
    }
    return event.absolute && event.alpha !== null ? (360 - event.alpha) % 360 : null;
}

function mean(readings) {
    const [x, y] = readings.reduce(([a, b], deg) => [a + Math.cos(rad(deg)), b + Math.sin(rad(deg))], [0, 0]);
    const towards = (Math.atan2(y, x) * 180) / Math.PI;
    return (towards + 360) % 360;
}

const apart = (one, other) => Math.abs(((one - other + 540) % 360) - 180);

async function point(field, say) {
    if (!window.isSecureContext || typeof DeviceOrientationEvent === 'undefined') {
        return say(SECURE);
    }
    if (DeviceOrientationEvent.requestPermission) {
        const allowed = await DeviceOrientationEvent.requestPermission(true).catch(() => 'denied');
        if (allowed !== 'granted') {
            return say('The browser was not allowed to tell. Allow it for this page, or type the bearing.');
        }
    }
    say('Hold it flat, its upper edge to where the lens looks …');
    const readings = [];
    let tilted = false;
    let settled = null;
    const kinds = ['deviceorientationabsolute', 'deviceorientation'];
    const end = () => {
        clearTimeout(silent);
        clearTimeout(settled);
        kinds.forEach((kind) => window.removeEventListener(kind, read));
    };
    const read = (event) => {
        const deg = heading(event);
        if (deg === null) {
            return;
        }
        tilted = Math.abs(event.beta ?? 0) > FLAT_DEG || Math.abs(event.gamma ?? 0) > FLAT_DEG;
        readings.push(deg);
        settled ??= setTimeout(() => {
            end();
            const deg = mean(readings);
            if (tilted) {
                return say('Hold it flat, as a compass lies, and press again.');
            }
            if (readings.some((one) => apart(one, deg) > STEADY_DEG)) {
                return say('The needle swings. Hold it still, away from tripod, keys and speakers, and press again.');
            }
            const input = fill(field, (Math.round(deg) % 360).toString());
            input.form.elements[`in[${input.name}]`].value = '° mag';
            return say(`${input.value}° by this phone’s compass. Such a one is easily ten degrees off: check it by sun or map.`);
        }, SETTLED_MS);
    };
    const silent = setTimeout(() => {
        if (readings.length === 0) {
            end();
            say('This device tells no compass bearing. Type it.');
        }
    }, SILENT_MS);
    kinds.forEach((kind) => window.addEventListener(kind, read));
}

const KNOWN = { locate, point };

export function startByPhone() {
    for (const place of document.querySelectorAll('[data-by-phone]')) {
        const said = place.querySelector('[role=status]');
        // What stands on a desk has no place to point to.
        place.hidden = place.dataset.byPhone === 'point' && !matchMedia('(pointer: coarse)').matches;
        place
            .querySelector('button')
            .addEventListener('click', () => KNOWN[place.dataset.byPhone](place.dataset.field, (words) => (said.textContent = words)));
    }
}

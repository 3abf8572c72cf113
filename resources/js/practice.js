// Answers by key, and a swell that passes a post: each crest at the moment that the question says, and the presses on it counted as the
// water room counts them.

const HALF = 300;
const CREST_PX = 42;
const SPEED_PX_S = 60;
const LEAST_PRESSES = 5;

const median = (values) => {
    const sorted = [...values].sort((a, b) => a - b);
    const middle = sorted.length / 2;
    return sorted.length % 2 ? sorted[Math.floor(middle)] : (sorted[middle - 1] + sorted[middle]) / 2;
};

/** When crests pass the post, in seconds, for as long as it is looked at. */
function crests(apart) {
    const times = [apart[0] / 2];
    for (let i = 0; times.length < 400; i++) times.push(times.at(-1) + apart[i % apart.length]);
    return times;
}

function showSwell(figure) {
    const times = crests(JSON.parse(figure.dataset.swell));
    const water = figure.querySelector('[data-swell-water]');
    const began = performance.now();
    figure.querySelector('figcaption').remove();
    const draw = () => {
        const now = (performance.now() - began) / 1000;
        let path = 'M0 150';
        for (let x = 0; x <= 2 * HALF; x += 6) {
            // How long ago what stands here passed the post, or will.
            const at = now + (HALF - x) / SPEED_PX_S;
            const next = times.findIndex((t) => t > at);
            const [before, after] = next > 0 ? [times[next - 1], times[next]] : [times[0] - (times[1] - times[0]), times[0]];
            const phase = (at - before) / (after - before);
            path += `L${x} ${(104 - CREST_PX * ((1 + Math.cos(2 * Math.PI * phase)) / 2) ** 2).toFixed(1)}`;
        }
        water.setAttribute('d', `${path}L600 150Z`);
        if (figure.isConnected) requestAnimationFrame(draw);
    };
    draw();
}

function countPresses(button) {
    const presses = [];
    const field = document.getElementById('f-answer');
    const said = document.querySelector('[data-crest-said]');
    const press = () => {
        presses.push(performance.now() / 1000);
        const apart = presses.slice(1).map((t, i) => t - presses[i]);
        said.textContent = presses.length < LEAST_PRESSES ? `${presses.length} of ${LEAST_PRESSES}` : `${presses.length} presses`;
        if (presses.length >= LEAST_PRESSES) field.value = median(apart).toFixed(1);
    };
    button.addEventListener('pointerdown', press);
    document.addEventListener('keydown', (event) => {
        if (event.code === 'Space' && !event.repeat && !event.target.closest('input, button:not([data-crest-press])')) {
            event.preventDefault();
            press();
        }
    });
}

export function startPractice() {
    const figure = document.querySelector('[data-swell]');
    const button = document.querySelector('[data-crest-press]');
    figure && showSwell(figure);
    button && countPresses(button);
    document.addEventListener('keydown', (event) => {
        const choice =
            /^[1-9]$/.test(event.key) &&
            !event.target.closest('input') &&
            document.querySelectorAll('[data-choice]:enabled')[event.key - 1];
        choice && choice.click();
    });
}

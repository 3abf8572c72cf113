// The bench's hands: dragging and stepping the target, stepping dials, pressing with the waves. It works nothing out; it
// writes into the form, and the server answers.

import { Asking } from './asking.js';
import { Crests } from './crests.js';

const form = () => document.getElementById('bench');

function write(input, value) {
    if (input.value !== value) {
        input.value = value;
        input.dispatchEvent(new Event('change', { bubbles: true }));
    }
}

const places = (svg) => JSON.parse(svg.dataset.places);

function aim(svg, place) {
    const all = places(svg);
    const chosen = Math.max(0, Math.min(all.length - 1, place));
    const target = svg.querySelector('.target');
    target.setAttribute('transform', `translate(${all[chosen].x} 0)`);
    target.setAttribute('aria-valuenow', String(chosen));
    target.setAttribute('aria-valuetext', all[chosen].label);
    document.dispatchEvent(new CustomEvent('pour:aim', { detail: all[chosen].s }));
    write(document.getElementById('f-target'), all[chosen].label);
}

function placeUnder(svg, clientX) {
    const box = svg.getBoundingClientRect();
    const x = ((clientX - box.left) / box.width) * svg.viewBox.baseVal.width;
    return places(svg).reduce((best, place, i, all) => (Math.abs(place.x - x) < Math.abs(all[best].x - x) ? i : best), 0);
}

function startDragging() {
    let svg = null;
    document.addEventListener('pointerdown', (event) => {
        const target = event.target.closest('.stop-rule .target');
        if (target) {
            svg = target.closest('svg');
            event.preventDefault();
            target.focus();
        }
    });
    document.addEventListener('pointermove', (event) => {
        if (svg) {
            svg = svg.isConnected
                ? svg
                : document.querySelector(`.stop-rule.${svg.classList.contains('is-wide') ? 'is-wide' : 'is-narrow'}`);
            aim(svg, placeUnder(svg, event.clientX));
        }
    });
    for (const end of ['pointerup', 'pointercancel']) {
        document.addEventListener(end, () => {
            svg = null;
        });
    }
    document.addEventListener('keydown', (event) => {
        const target = event.target.closest('.stop-rule .target');
        const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 3, PageDown: -3, Home: -999, End: 999 }[event.key];
        if (target && by) {
            event.preventDefault();
            aim(target.closest('svg'), Number(target.getAttribute('aria-valuenow')) + by);
        }
    });
}

// A step along a dial; a value between two names goes to the next name in that direction.
function stepDial(input, by) {
    const names = JSON.parse(document.getElementById('dials').dataset.dials)[input.dataset.dial];
    const plain = (text) =>
        text
            .trim()
            .toLowerCase()
            .replace(/\s*s$/, '')
            .replace(/^f\/?/, '')
            .replace(/^iso\s*/, '');
    const amount = (text) =>
        plain(text)
            .split('/')
            .reduce((over, under) => over / under);
    const value = input.value || input.dataset.place || '';
    let place = names.findIndex((name) => plain(name) === plain(value));
    if (place < 0) {
        const next = names.findIndex((name) => amount(name) > amount(value));
        place = next < 0 ? names.length - 1 : by > 0 ? next - 1 : next;
    }
    write(input, names[Math.max(0, Math.min(names.length - 1, place + by))]);
}

// On a phone the strip is pushed sideways: the glass that was chosen stands in view.
function bringGlass() {
    const chosen = document.querySelector('.glass-mark :checked')?.closest('.glass-mark');
    const strip = chosen?.parentElement;
    if (strip && (chosen.offsetLeft < strip.scrollLeft || chosen.offsetLeft + chosen.offsetWidth > strip.scrollLeft + strip.clientWidth)) {
        strip.scrollLeft = chosen.offsetLeft - (strip.clientWidth - chosen.offsetWidth) / 2;
    }
}

// Look, target and glass lead one at a time: the one that was touched last, also before the answer to the one before has come.
function startLeading() {
    document.addEventListener(
        'change',
        (event) => {
            const free = form()?.querySelector('.glass-mark [value=""]');
            if (!free) {
                return;
            }
            if (event.target.name === 'look' || (event.target.name === 'target' && event.target.value !== '')) {
                free.checked = true;
            } else if (event.target.name === 'glass') {
                document.getElementById('f-target').value = '';
            }
        },
        true,
    );
    document.addEventListener('htmx:afterSettle', bringGlass);
    bringGlass();
}

function startDials() {
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-step]');
        if (button) {
            stepDial(document.getElementById(button.dataset.for), Number(button.dataset.step));
        }
        const set = event.target.closest('[data-set]');
        if (set) {
            write(document.getElementById(set.dataset.set), set.dataset.value);
        }
        const aimed = event.target.closest('[data-aim]');
        if (aimed) {
            write(document.getElementById('f-target'), aimed.dataset.aim);
        }
    });
    document.addEventListener('keydown', (event) => {
        if (event.target.matches?.('[data-dial]') && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
            event.preventDefault();
            stepDial(event.target, event.key === 'ArrowUp' ? 1 : -1);
        }
    });
}

// Presses with the crests: the period that is heard goes, once there is enough, into its field.
const RESTART_AFTER_S = 60;

function startCrests() {
    let crests = null;
    let said = '';
    const show = (html) => {
        said = html;
        const heard = document.getElementById('crests-heard');
        if (heard) {
            heard.innerHTML = html;
        }
        return heard;
    };
    // The answer that the new period brings must not wipe away what was heard.
    document.addEventListener('htmx:afterSwap', () => said && show(said));
    document.addEventListener('click', async (event) => {
        const button = event.target.closest('[data-crests]');
        if (!button) {
            return;
        }
        crests ??= new Crests(button.dataset.crests, RESTART_AFTER_S);
        crests.press();
        if (crests.presses.length < 2) {
            show('<p class="heard">First crest. Press with the next.</p>');
            return;
        }
        const answer = await crests.ask();
        if (!answer) {
            return;
        }
        const heard = show(answer.html);
        if (!heard || !answer.ok) {
            crests.clear();
            return;
        }
        const period = heard.querySelector('[data-period]')?.dataset.period;
        if (period) {
            write(document.getElementById('f-period'), period);
        }
    });
}

// A plain number in a field for the shutter is so many seconds, which is easily forgotten beside 1/60.
function startMeanings() {
    document.addEventListener('input', (event) => {
        const field = event.target.closest('[data-dial=shutter]');
        if (!field) {
            return;
        }
        const seconds = /^\d+(?:[.,]\d+)?$/.test(field.value.trim()) ? Number(field.value.trim().replace(',', '.')) : 0;
        let line = document.getElementById(`${field.id}-means`);
        if (!line && seconds >= 2) {
            line = Object.assign(document.createElement('p'), { id: `${field.id}-means`, className: 'hint means', role: 'status' });
            (field.closest('.entry') ?? field.parentElement).append(line);
        }
        if (line) {
            line.textContent =
                seconds >= 2 ? `= ${field.value.trim()} s (1/${Math.round(seconds)} is written 1/${Math.round(seconds)})` : '';
        }
    });
}

export function startBench() {
    if (form()) {
        new Asking('bench', 'The figures struck out belong to the fields as they were before.').start();
    }
    startMeanings();
    startLeading();
    startDragging();
    startDials();
    startCrests();
}

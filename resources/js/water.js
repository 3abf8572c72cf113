// The timers of the water room. They take times and send them; the server says what they come to.

import { wallS } from './clock.js';
import { Crests } from './crests.js';
import { singleKeys } from './keys.js';

const HOLD_MS = 380;

const seconds = (list) => list.map((s) => s.toFixed(3)).join(',');

class CrestPad {
    constructor(pad) {
        this.pad = pad;
        this.crests = new Crests(pad.dataset.pad);
        this.heard = document.getElementById('crests-heard');
    }

    press(big) {
        this.crests.press(big);
        this.show();
    }

    async show() {
        const { crests } = this;
        document.querySelector('[data-count]').textContent = String(crests.presses.length);
        const form = document.getElementById('measure');
        for (const [name, value] of crests.query()) {
            form.elements[name].value = value;
        }
        form.elements.last_ms.value = String(crests.lastMs ?? '');
        const said = crests.presses.length < 2 ? null : await crests.ask();
        if (said) {
            this.heard.innerHTML = said.html;
            const next = this.heard.querySelector('[data-set-in]');
            this.setAtMs = next ? crests.lastMs + 1000 * Number(next.dataset.setIn) : null;
        }
    }

    tick() {
        const next = this.heard.querySelector('[data-set-in]');
        if (next && this.setAtMs) {
            const left = Math.round((this.setAtMs - Date.now()) / 1000);
            next.textContent = left > 0 ? `in ${left} s` : 'any moment now';
        }
    }

    start() {
        const down = (event) => {
            event.preventDefault();
            this.press(false);
            this.holding = setTimeout(() => {
                this.crests.markBig();
                this.show();
            }, HOLD_MS);
        };
        this.pad.addEventListener('pointerdown', down);
        for (const end of ['pointerup', 'pointercancel', 'pointerleave']) this.pad.addEventListener(end, () => clearTimeout(this.holding));
        document.addEventListener('keydown', (event) => {
            if (event.target.closest('input, select, textarea') || event.repeat) return;
            if (event.code === 'Space') {
                event.preventDefault();
                this.press(false);
            }
            if (event.key === 'b' && singleKeys()) this.press(true);
        });
        // A press by a keyboard or a screen reader comes as a click without a pointer.
        this.pad.addEventListener('click', (event) => event.detail === 0 && this.press(false));
        this.heard.addEventListener('click', (event) => {
            const { drop, leaveOut } = event.target.dataset;
            if (drop !== undefined) this.crests.drop(Number(drop));
            if (leaveOut !== undefined) this.crests.leaveOut(Number(leaveOut));
            if (drop !== undefined || leaveOut !== undefined) this.show();
        });
        setInterval(() => this.tick(), 500);
    }
}

// One button that is pressed in turn: start and stop, or top and drained. What is kept are times or the spans between them.
class Stopwatch {
    constructor(button) {
        this.button = button;
        this.names = button.dataset.turns.split('|');
        this.spans = button.dataset.keeps === 'spans';
        this.times = [];
        this.turn = 0;
    }

    press() {
        const now = wallS();
        if (this.spans) {
            if (this.turn === 0) {
                this.from = now;
            } else {
                this.times.push(now - this.from);
            }
        } else {
            this.times.push(now);
        }
        this.lastMs = Date.now();
        this.turn = (this.turn + 1) % this.names.length;
        this.write();
    }

    write() {
        this.button.textContent = this.names[this.turn];
        const form = document.getElementById('measure');
        form.elements[this.button.dataset.into].value =
            this.button.dataset.one === undefined ? seconds(this.times) : (this.times.at(-1) ?? 0).toFixed(1);
        form.elements.last_ms.value = String(this.lastMs);
        const list = document.querySelector('[data-times]');
        if (list) {
            list.innerHTML = this.spans
                ? this.times
                      .map(
                          (s, i) =>
                              `<li>${s.toFixed(1)} s <button type="button" class="button is-small" data-undo="${i}">Drop</button></li>`,
                      )
                      .join('')
                : `<li>${this.times.length} presses</li>`;
        }
    }

    start() {
        this.button.addEventListener('click', () => this.press());
        document.querySelector('[data-times]')?.addEventListener('click', (event) => {
            if (event.target.dataset.undo !== undefined) {
                this.times.splice(Number(event.target.dataset.undo), 1);
                this.write();
            }
        });
        document.addEventListener('keydown', (event) => {
            if (event.code === 'Space' && !event.target.closest('input, select, textarea, button')) {
                event.preventDefault();
                this.press();
            }
        });
        setInterval(() => {
            const running = document.querySelector('[data-running]');
            if (running && this.spans)
                running.textContent =
                    this.turn === 1 ? `${(wallS() - this.from).toFixed(1)} s` : `${(this.times.at(-1) ?? 0).toFixed(1)} s`;
        }, 100);
    }
}

// Fields that only count for one of several ways are shown with it.
function startWays() {
    const form = document.getElementById('measure');
    if (!form) return;
    const show = () => {
        for (const part of form.querySelectorAll('[data-when]')) {
            const [name, value] = part.dataset.when.split('=');
            const chosen = form.elements[name];
            part.hidden = (chosen.value ?? '') !== value;
        }
    };
    form.addEventListener('change', show);
    show();
}

export function startWater() {
    const pad = document.querySelector('[data-pad]');
    if (pad) new CrestPad(pad).start();
    const watch = document.querySelector('[data-turns]');
    if (watch) new Stopwatch(watch).start();
    startWays();
}

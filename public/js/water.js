// The timers of the water room. They take times and send them; the server says what they come to.

const HOLD_MS = 380;

const seconds = (list) => list.map((s) => s.toFixed(3)).join(',');

class CrestPad {
    constructor(pad) {
        this.pad = pad;
        this.presses = [];
        this.big = new Set();
        this.leftOut = new Set();
        this.heard = document.getElementById('crests-heard');
    }

    press(big) {
        this.presses.push(performance.now() / 1000);
        this.lastMs = Date.now();
        if (big) {
            this.big.add(this.presses.at(-1));
        }
        this.show();
    }

    markBig() {
        if (this.presses.length) {
            this.big.add(this.presses.at(-1));
            this.show();
        }
    }

    drop(place) {
        const [gone] = this.presses.splice(place, 1);
        this.big.delete(gone);
        this.show();
    }

    query() {
        return new URLSearchParams({
            presses: seconds(this.presses),
            big: seconds(this.presses.filter((s) => this.big.has(s))),
            out: this.presses.map((s, i) => (this.leftOut.has(s) ? i : null)).filter((i) => i !== null).join(','),
        });
    }

    async show() {
        document.querySelector('[data-count]').textContent = String(this.presses.length);
        const form = document.getElementById('measure');
        for (const [name, value] of this.query()) {
            form.elements[name].value = value;
        }
        form.elements.last_ms.value = String(this.lastMs ?? '');
        if (this.presses.length < 2) {
            return;
        }
        // Presses come faster than answers: only the answer to the last one counts.
        const asked = `${this.pad.dataset.pad}?${this.query()}`;
        this.asked = asked;
        const said = await (await fetch(asked)).text();
        if (this.asked !== asked) {
            return;
        }
        this.heard.innerHTML = said;
        this.setAtMs = null;
        const next = this.heard.querySelector('[data-set-in]');
        if (next) {
            this.setAtMs = this.lastMs + 1000 * Number(next.dataset.setIn);
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
        let downAt = null;
        const down = (event) => {
            event.preventDefault();
            downAt = performance.now();
            this.press(false);
            this.holding = setTimeout(() => this.markBig(), HOLD_MS);
        };
        const up = () => { downAt = null; clearTimeout(this.holding); };
        this.pad.addEventListener('pointerdown', down);
        for (const end of ['pointerup', 'pointercancel', 'pointerleave']) this.pad.addEventListener(end, up);
        document.addEventListener('keydown', (event) => {
            if (event.target.closest('input, select, textarea') || event.repeat) return;
            if (event.code === 'Space') { event.preventDefault(); this.press(false); }
            if (event.key === 'b') this.press(true);
        });
        // A press by a keyboard or a screen reader comes as a click without a pointer.
        this.pad.addEventListener('click', (event) => event.detail === 0 && this.press(false));
        this.heard.addEventListener('click', (event) => {
            const { drop, leaveOut } = event.target.dataset;
            if (drop !== undefined) this.drop(Number(drop));
            if (leaveOut !== undefined) { this.leftOut.add(this.presses[Number(leaveOut)]); this.show(); }
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
        const now = performance.now() / 1000;
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
        form.elements[this.button.dataset.into].value = this.button.dataset.one === undefined ? seconds(this.times) : (this.times.at(-1) ?? 0).toFixed(1);
        form.elements.last_ms.value = String(this.lastMs);
        const list = document.querySelector('[data-times]');
        if (list) {
            list.innerHTML = this.spans
                ? this.times.map((s, i) => `<li>${s.toFixed(1)} s <button type="button" class="button is-quiet is-small" data-undo="${i}">Drop</button></li>`).join('')
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
            if (running && this.spans) running.textContent = this.turn === 1 ? `${(performance.now() / 1000 - this.from).toFixed(1)} s` : `${(this.times.at(-1) ?? 0).toFixed(1)} s`;
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

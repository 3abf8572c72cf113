// One frame, by one hand: the step at hand, the start, the countdown, the end. Time is the wall clock's difference, so it stays true when
// the tab sleeps or is loaded again; what was done stays on this device until the server has said that it has it.

import { Countdown, spoken } from './countdown.js';
import { ofTheServer } from './kept.js';
import { END_MS, Signals, startSignals } from './signals.js';

const TICK_MS = 40;
const HOLD_MS = 1000;
// A shorter frame is over before it could be held.
const HELD_FROM_S = 5;
const UNDO_S = 10;
const MOMENT_MS = 600;
const SLEPT_MS = 3000;
const AGAIN_MS = 3000;
const THIRD = 1 / 3;

const thirds = (stops) => {
    const n = Math.round(Math.abs(stops) * 3);
    return `${Math.floor(n / 3) || n % 3 === 0 ? Math.floor(n / 3) : ''}${['', '⅓', '⅔'][n % 3]} ${n <= 3 ? 'stop' : 'stops'}`;
};

/** The steps, one at a time, from the boxes of the whole sheet. */
class Steps {
    constructor(page, keeper, say) {
        this.page = page;
        this.keeper = keeper;
        this.say = say;
        this.form = page.querySelector('.sheet');
        this.boxes = [...this.form.querySelectorAll('[type=checkbox]')];
        this.frame = JSON.parse(page.dataset.shoot).frame;
        const kept = keeper.keptSteps(this.frame);
        if (kept) {
            this.boxes.forEach((box) => {
                box.checked = kept.includes(box.value);
            });
            this.save();
        }
        const on = (name, work) => page.querySelector(`[data-step-${name}]`).addEventListener('click', work);
        on('done', () => this.tick(this.open().slice(0, 1), true));
        on('all', () => this.tick(this.open(), true));
        on('back', () => this.tick(this.boxes.filter((box) => box.checked).slice(-1), false));
        this.form.addEventListener('change', () => {
            this.show();
            this.save();
        });
        this.form.addEventListener('submit', (event) => event.preventDefault());
        this.show();
    }

    open() {
        return this.boxes.filter((box) => !box.checked);
    }

    words(box) {
        return box.closest('label').querySelector('b').textContent;
    }

    line(box) {
        const line = document.createElement('li');
        line.append(
            Object.assign(document.createElement('b'), { textContent: String(this.boxes.indexOf(box) + 1) }),
            ` ${this.words(box)}`,
        );
        return line;
    }

    tick(boxes, done) {
        boxes.forEach((box) => {
            box.checked = done;
        });
        this.show();
        this.save();
    }

    show() {
        const open = this.open();
        const at = (name) => this.page.querySelector(`[data-step-${name}]`);
        const now = open[0];
        at('count').textContent = now
            ? `step ${this.boxes.indexOf(now) + 1} of ${this.boxes.length}`
            : `${this.boxes.length} steps, all done`;
        at('now').textContent = now ? this.words(now) : 'Ready';
        at('next').replaceChildren(...open.slice(1, 3).map((box) => this.line(box)));
        at('pegs').replaceChildren(
            ...this.boxes.map((box) =>
                Object.assign(document.createElement('i'), { className: box.checked ? 'is-done' : box === now ? 'is-now' : '' }),
            ),
        );
        at('done').disabled = at('all').disabled = !now;
        at('back').disabled = open.length === this.boxes.length;
        this.page.classList.toggle('is-ready', !now);
        const left = this.page.querySelector('[data-steps-open]');
        left.textContent = now ? `${open.length} ${open.length === 1 ? 'step' : 'steps'} open` : '';
        this.page.querySelector('[data-steps-else]').textContent = now ? `Left out, ${now.dataset.skipped}.` : '';
    }

    async save() {
        (await this.keeper.saveSteps(
            this.frame,
            this.form,
            this.boxes.filter((box) => box.checked).map((box) => box.value),
        )) || this.say('No answer from the server: the ticks are kept on this device.');
    }
}

/**
 * Counts to the next crest, and to the next set, from a rhythm that was pressed, for as many waves as the server says it can be carried on.
 */
class Rhythm {
    constructor(page, rhythm) {
        Object.assign(this, rhythm);
        this.page = page;
        page.querySelector('[data-beat-now]')?.addEventListener('click', () => {
            this.at_ms = Date.now();
            this.tick();
        });
    }

    /** When the next one comes that leaves time to take the hand away; null when the rhythm cannot be carried on so far. */
    nextMs(now = Date.now()) {
        const waves = (now - this.at_ms) / 1000 / this.period_s;
        return Math.max(1, waves) < this.sure_waves
            ? this.at_ms + 1000 * this.period_s * (Math.floor(waves + 0.6 / this.period_s) + 1)
            : null;
    }

    tick() {
        const next = this.nextMs();
        const button = this.page.querySelector('[data-start-beat]');
        button.disabled = next === null;
        this.page.querySelector('[data-next-beat]').textContent =
            next === null
                ? 'press with one to count again'
                : `every ${this.period_s.toFixed(1)} s, next in ${((next - Date.now()) / 1000).toFixed(1)}`;
        const set = this.set_at_ms && this.set_apart_s ? (this.set_at_ms - Date.now()) / 1000 : null;
        this.page.querySelector('[data-next-set]').textContent =
            set === null || set < -this.set_apart_s
                ? ''
                : set > 0
                  ? `set in about ${spoken(set)}${set < 59.5 ? ' s' : ''}`
                  : 'a set is due';
    }
}

export class Shot {
    constructor(page, keeper) {
        this.page = page;
        this.keeper = keeper;
        this.left = new AbortController();
        this.counts = JSON.parse(page.dataset.shoot);
        this.at = (name) => page.querySelector(`[data-${name}]`);
        this.steps = new Steps(page, keeper, (words) => this.say(words));
        this.rhythm = this.counts.rhythm && new Rhythm(page, this.counts.rhythm);
        this.count = null;
        this.closed = false;
        this.changedMs = 0;
        this.tickedMs = Date.now();
        this.laterS = 0;
    }

    soundAgain() {
        if (this.count && !this.closed && this.count.leftS() > 0) {
            this.signals.endIn(this.count.leftS());
        }
    }

    say(words) {
        this.at('said').textContent = words;
    }

    start() {
        const kept = this.keeper.openFrame();
        const taken = this.keeper.taken(this.counts.frame);
        if (taken) {
            this.after(taken.open_s);
        } else if (kept?.frame === this.counts.frame) {
            this.count = new Countdown(this.counts, kept.opened_at_ms, kept.changes);
            this.show();
            this.signals = new Signals();
            this.signals.endIn(this.count.leftS());
            // Before a touch a page that was loaded again may not sound, and its audio clock stands: what is to come is handed to it anew.
            document.addEventListener(
                'pointerdown',
                async () => {
                    await this.signals.wake();
                    this.soundAgain();
                },
                { once: true, signal: this.left.signal },
            );
        } else {
            this.show();
        }
        this.page
            .querySelectorAll('[data-start]')
            .forEach((button) => button.addEventListener('click', () => this.open(Date.now() + 1000 * Number(button.dataset.start))));
        this.at('start-beat')?.addEventListener('click', () => this.open(this.rhythm.nextMs()));
        this.at('start-clock').addEventListener('click', () => this.open(this.clockMs()));
        this.page.querySelectorAll('[data-later]').forEach((button) =>
            button.addEventListener('click', () => {
                this.laterS = Math.max(0, this.laterS + Number(button.dataset.later));
                this.tick();
            }),
        );
        this.page
            .querySelectorAll('[data-sun]')
            .forEach((button) => button.addEventListener('click', () => this.changeLight(button.dataset.sun)));
        this.at('undo').addEventListener('click', () => this.undo());
        this.holdToClose(this.at('close'));
        this.at('after-to').addEventListener('click', (event) => {
            event.preventDefault();
            this.keeper.goOn(this.at('after-to').getAttribute('href'));
        });
        document.addEventListener(
            'keydown',
            (event) => {
                if (event.code === 'Space' && !event.repeat && !event.target.closest('button, input, select, textarea, a')) {
                    event.preventDefault();
                    this.count === null ? this.open(Date.now()) : this.pressClose();
                }
            },
            { signal: this.left.signal },
        );
        document.addEventListener('visibilitychange', () => this.keepAwake(), { signal: this.left.signal });
        startSignals(this.at('signals'));
        this.at('awake').textContent =
            'wakeLock' in navigator
                ? 'The screen stays on while the shutter is open.'
                : 'This page cannot keep the screen on over plain HTTP: set the device to stay on for as long. ' +
                  'The time is right all the same when it comes back.';
        const ticking = setInterval(() => this.tick(), TICK_MS);
        this.left.signal.addEventListener('abort', () => clearInterval(ticking));
        this.tick();
    }

    /** Another frame takes its place. */
    leave() {
        this.signals?.silence();
        this.left.abort();
    }

    /** One press is one decision: what comes within a moment of the last is a trembling hand. */
    isMoment() {
        const again = Math.abs(Date.now() - this.changedMs) < MOMENT_MS; // a clock that was set back holds nobody up
        this.changedMs = again ? this.changedMs : Date.now();
        return again;
    }

    /** The next full minute that leaves time to get ready, or some minutes later. */
    clockMs() {
        return 60_000 * Math.ceil((Date.now() + 5000) / 60_000) + 1000 * this.laterS;
    }

    open(atMs) {
        if (atMs === null || this.count !== null || this.isMoment()) {
            return;
        }
        this.count = new Countdown(this.counts, atMs);
        this.keep();
        this.signals = new Signals();
        this.signals.endIn(this.count.leftS());
        this.keepAwake();
        this.show();
        this.tick();
        this.say(atMs > Date.now() + 500 ? `Opens in ${spoken((atMs - Date.now()) / 1000)}` : 'Open');
    }

    keep() {
        const { openedAtMs, changes } = this.count;
        this.keeper.keepOpen({
            frame: this.counts.frame,
            page: location.pathname,
            opened_at_ms: openedAtMs,
            ends_at_ms: openedAtMs + 1000 * this.count.wholeS(),
            changes,
        });
    }

    undo() {
        this.signals.silence();
        this.keeper.keepOpen(null);
        this.count = null;
        this.changedMs = Date.now();
        this.show();
        this.say('Not opened');
        this.tick();
    }

    changeLight(how) {
        const before = this.count.stops();
        const stops = how === 'gone' ? this.counts.sun_gone_stops : how === 'back' ? 0 : before + Number(how) * THIRD;
        if (this.count.openS() <= 0 || Math.abs(stops - before) < 0.01 || Math.abs(stops) > 12) {
            return;
        }
        this.count.change(stops);
        this.keep();
        this.signals.endIn(this.count.leftS());
        this.show();
        this.tick();
    }

    /** What the light has done to the frame, and to the look. */
    lightWords() {
        const whole = this.count.wholeS();
        const more = whole - this.counts.planned_s;
        const look = this.count.look(whole);
        const now = this.count.stops();
        const light = now === 0 ? 'light as planned again' : `${thirds(now)} ${now < 0 ? 'darker' : 'brighter'}`;
        if (!this.counts.bulb) {
            const off = Math.log2(this.count.gatheredS(whole) / this.counts.planned_s);
            const comes =
                Math.abs(off) < 0.05 ? 'right all the same' : `${Math.abs(off).toFixed(1)} stops ${off < 0 ? 'too dark' : 'too bright'}`;
            return `${light}. The camera closes by itself: ${comes}`;
        }
        const by = `${spoken(Math.abs(more))}${Math.abs(more) < 59.5 ? ' s' : ''} ${more >= 0 ? 'more' : 'less'}`;
        return `${light}: ${by} than ${spoken(this.counts.planned_s)}${look ? `, ${look}` : ''}`;
    }

    show() {
        const running = this.count !== null && !this.closed;
        this.page.classList.toggle('is-running', running);
        this.page.querySelectorAll('[data-before]').forEach((part) => {
            part.hidden = running || this.closed;
        });
        this.at('running').hidden = !running;
        this.at('after').hidden = !this.closed;
        const changed = running && this.count.changes.length > 0;
        this.at('light-words').hidden = !changed;
        if (changed) {
            this.at('light-words').textContent = this.lightWords();
        }
        const stops = running ? this.count.stops() : 0;
        this.page
            .querySelectorAll('[data-sun="gone"], [data-sun="back"]')
            .forEach((button) => button.setAttribute('aria-pressed', String((button.dataset.sun === 'gone') === stops < 0)));
    }

    tick() {
        const now = Date.now();
        const slept = now - this.tickedMs;
        this.tickedMs = now;
        this.at('clock') &&
            (this.at('clock').textContent = new Date(now).toLocaleTimeString('en-GB', { hour12: 'twelve' in this.at('clock').dataset }));
        this.leaveBy(now);
        if (this.count === null) {
            this.rhythm?.tick();
            this.at('start-at').textContent = new Date(this.clockMs()).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
            this.at('bar').value = 0;
            this.figure('', null);
            return;
        }
        if (this.closed) {
            return;
        }
        const open = this.count.openS(now);
        const left = this.count.leftS(now);
        const whole = this.count.wholeS();
        if (slept > SLEPT_MS && open > 0) {
            this.say(`The screen slept for ${spoken(slept / 1000)}; the time is right.`);
            this.soundAgain();
        }
        this.page.classList.toggle('is-over', left <= 0);
        this.figure(
            open < 0 ? spoken(-open) : left > 0 ? spoken(left) : `+${spoken(-left)}`,
            open < 0
                ? 'until it opens: hands off'
                : left > 0
                  ? `left · open ${spoken(open)} of ${spoken(whole)} · close at ${new Date(
                        this.count.openedAtMs + 1000 * whole,
                    ).toLocaleTimeString('en-GB')}`
                  : `over time: close the shutter · +${Math.log2(this.count.gatheredS(open) / this.counts.planned_s).toFixed(2)} stop`,
        );
        this.at('bar').value = Math.max(0, Math.min(1000, (1000 * this.count.gatheredS(Math.max(0, open))) / this.counts.planned_s));
        const undo = this.at('undo');
        undo.hidden = open > Math.min(UNDO_S, whole);
        const close = this.at('close');
        const held = open > 0 && left > 0 && whole >= HELD_FROM_S;
        close.dataset.held = held ? '1' : '';
        this.at('close-words').textContent = open < 0 ? 'Stop' : left <= 0 ? 'Closed' : this.counts.bulb ? 'Close now' : 'Stopped early';
        this.at('close-small').textContent =
            open < 0 ? 'it is not open yet' : held ? 'hold for one second' : left <= 0 ? `now, at ${spoken(open)}` : '';
        const due = this.signals.passed(left);
        due !== null && this.say({ 60: 'One minute', 10: 'Ten seconds', 0: 'End' }[due] ?? String(due));
        if (!this.counts.bulb && left <= 0) {
            this.finish(whole);
        }
    }

    figure(words, under) {
        if (words && this.at('figure').textContent !== words) {
            this.at('figure').textContent = words;
            document.title = `${words} · Shoot`;
        }
        this.before ??= [this.at('figure').textContent, this.at('under').textContent];
        if (under === null && !this.closed) {
            [this.at('figure').textContent, this.at('under').textContent] = this.before;
        } else if (under !== null) {
            this.at('under').textContent = under;
        }
    }

    leaveBy(now) {
        const words = this.at('leave-words');
        const left = words ? Math.floor((1000 * Number(this.page.dataset.leave) - now) / 60_000) : null;
        if (left !== null && left < 60) {
            words.textContent = left < 0 ? 'past the time to leave' : `leave in ${left} min`;
            words.classList.toggle('is-near', left < 15);
        }
    }

    /** Early it is held for a second, so that no sleeve closes it; a press by keys or a screen reader is asked about once. */
    holdToClose(button) {
        let timer = null;
        const let_go = () => {
            clearTimeout(timer);
            button.classList.remove('is-held');
        };
        button.addEventListener('pointerdown', () => {
            if (button.dataset.held) {
                button.classList.add('is-held');
                timer = setTimeout(() => {
                    let_go();
                    this.close();
                }, HOLD_MS);
            }
        });
        ['pointerup', 'pointercancel', 'pointerleave'].forEach((end) => button.addEventListener(end, let_go));
        button.addEventListener('contextmenu', (event) => event.preventDefault());
        button.addEventListener('click', (event) => (event.detail === 0 ? this.pressClose() : button.dataset.held || this.close()));
    }

    pressClose() {
        if (!this.at('close').dataset.held || Math.abs(Date.now() - (this.askedMs ?? 0)) < 3000) {
            this.close();
            return;
        }
        this.askedMs = Date.now();
        this.say('Press once more to close early.');
    }

    close() {
        if (this.count === null || this.closed || this.isMoment()) {
            return;
        }
        const open = this.count.openS();
        open <= 0 ? this.undo() : this.finish(open);
    }

    finish(openS) {
        if (openS < this.count.wholeS()) {
            this.signals.silence();
        }
        const endedMs = this.count.openedAtMs + 1000 * openS;
        this.keeper.keepTaken({
            frame: this.counts.frame,
            opened_at_ms: this.count.openedAtMs,
            open_s: openS,
            light: this.count.written(),
        });
        this.keeper.keepOpen(null);
        this.after(openS, endedMs);
    }

    /** Kept here, then sent; the signal of the end is heard out before anything else happens. */
    after(openS, endedMs = 0) {
        this.closed = true;
        this.show();
        this.page.classList.remove('is-over');
        this.figure(
            openS < 0.3 ? `1/${Math.round(1 / openS)}` : openS < 60 ? openS.toFixed(1) : spoken(openS),
            `open: ${this.keeper.says.going}`,
        );
        const to = this.at('after-to');
        to.hidden = true;
        const busyUntil = endedMs + 1000 * this.counts.busy_s;
        const send = async () => {
            const said = await this.keeper.deliver(this.counts.frame);
            if (said.to) {
                [to.href, to.hidden] = [said.to, false];
                this.figure('', `open: ${this.keeper.says.there}`);
                setTimeout(
                    () => busyUntil > Date.now() || this.left.signal.aborted || this.keeper.goOn(said.to),
                    Math.max(0, endedMs + END_MS - Date.now()),
                );
                return;
            }
            this.figure('', said.away ? 'open: kept on this device, the server does not answer' : 'open');
            if (said.away) {
                this.say('No answer from the server. The frame is kept on this device and goes to the log by itself.');
                setTimeout(send, AGAIN_MS);
            } else {
                this.at('warning').textContent = said.gone ? 'This frame was deleted meanwhile; its time is not kept.' : said.refused;
                this.at('warning').hidden = false;
            }
        };
        send();
        const busy = () => {
            const left = (busyUntil - Date.now()) / 1000;
            this.at('after-words').textContent =
                left > 0
                    ? `The camera takes its dark frame: busy for another ${spoken(left)}`
                    : this.counts.busy_s
                      ? 'The camera is free again.'
                      : '';
            left > 0 && setTimeout(busy, 500);
        };
        busy();
    }

    async keepAwake() {
        if (this.count !== null && !this.closed && document.visibilityState === 'visible') {
            await navigator.wakeLock?.request('screen').catch(() => null);
        }
    }
}

// The exposure is judged by steps of a third: a thumb finds two buttons sooner than a list.
function startThirds() {
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-third]');
        const list = button && document.getElementById(button.dataset.for);
        if (list) {
            const wanted = String(Number(list.value || 0) + Number(button.dataset.third));
            list.value = [...list.options].some((one) => one.value === wanted) ? wanted : list.value;
        }
    });
}

export function startShoot() {
    startThirds();
    const page = document.querySelector('[data-shoot]');
    if (page) {
        new Shot(page, ofTheServer).start();
    }
}

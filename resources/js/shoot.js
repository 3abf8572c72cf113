// The countdown of one frame. Time is the wall clock's difference, so it stays true when the tab sleeps or is loaded again;
// the sound is handed to the audio clock when the shutter opens, for the same reason.

const SOUND_HZ = [660, 880, 1100];
const TICK_MS = 100;

function spoken(seconds) {
    const whole = Math.max(0, Math.ceil(seconds - 0.05));
    return whole < 60 ? String(whole) : `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

class Sound {
    constructor() {
        const Context = window.AudioContext || window.webkitAudioContext;
        this.context = Context ? new Context() : null;
    }

    endIn(seconds) {
        if (!this.context) {
            return;
        }
        SOUND_HZ.forEach((hz, i) => {
            const at = this.context.currentTime + Math.max(0, seconds) + i * 0.22;
            const tone = this.context.createOscillator();
            const level = this.context.createGain();
            tone.frequency.value = hz;
            level.gain.setValueAtTime(0.0001, at);
            level.gain.exponentialRampToValueAtTime(0.5, at + 0.02);
            level.gain.exponentialRampToValueAtTime(0.0001, at + 0.2);
            tone.connect(level).connect(this.context.destination);
            tone.start(at);
            tone.stop(at + 0.21);
        });
    }

    silence() {
        this.context?.close();
        this.context = null;
    }
}

class Shot {
    constructor(page) {
        this.page = page;
        this.plannedS = Number(page.dataset.planned);
        this.bulb = page.dataset.bulb === '1';
        this.key = `frame-${page.dataset.frame}`;
        this.at = (name) => page.querySelector(`[data-${name}]`);
        this.openedAtMs = null;
        this.warned = false;
        this.closed = false;
    }

    start() {
        const kept = JSON.parse(localStorage.getItem(this.key) ?? 'null');
        if (kept?.openS) {
            this.save(kept.openedAtMs, kept.openS);
        } else if (kept) {
            this.open(kept.openedAtMs);
        }
        this.at('go').addEventListener('click', () => {
            if (this.closed) {
                this.at('opened').submit();
            } else if (this.openedAtMs === null) {
                this.press();
            } else {
                this.close();
            }
        });
        // All at once and in place: where the network is gone the page, and a running countdown with it, must stay.
        this.page.querySelector('[name=all]').addEventListener('click', (event) => {
            event.preventDefault();
            const left = this.page.querySelectorAll('.sheet [type=checkbox]:not(:checked)');
            left.forEach((box) => { box.checked = true; });
            left[0]?.dispatchEvent(new Event('change', { bubbles: true }));
        });
        document.addEventListener('keydown', (event) => {
            if (event.code === 'Space' && !event.target.closest('button, input, select, textarea, a')) {
                event.preventDefault();
                this.at('go').click();
            }
        });
        document.addEventListener('visibilitychange', () => this.keepAwake());
        setInterval(() => this.tick(), TICK_MS);
        this.tick();
    }

    press() {
        const skipped = [...this.page.querySelectorAll('.sheet [type=checkbox]:not(:checked)')];
        if (skipped.length && !this.warned) {
            this.warned = true;
            const first = skipped[0];
            this.at('warning').textContent = `Not ticked: ${first.closest('label').querySelector('b').textContent}${skipped.length > 1 ? ` and ${skipped.length - 1} more` : ''}. Else ${first.dataset.skipped}. Press again to go on.`;
            this.at('warning').hidden = false;
            return;
        }
        this.open(Date.now() + 1000 * Number(this.at('delay').value));
    }

    open(atMs) {
        this.openedAtMs = atMs;
        localStorage.setItem(this.key, JSON.stringify({ openedAtMs: atMs }));
        this.sound = new Sound();
        this.sound.endIn(this.plannedS - (Date.now() - atMs) / 1000);
        this.at('warning').hidden = true;
        this.at('ready').hidden = true;
        this.page.classList.add('is-running');
        this.keepAwake();
        this.tick();
    }

    openS() {
        return (Date.now() - this.openedAtMs) / 1000;
    }

    tick() {
        this.at('clock').textContent = new Date().toLocaleTimeString('en-GB', { hour12: 'twelve' in this.at('clock').dataset });
        if (this.openedAtMs === null || this.closed) {
            return;
        }
        const open = this.openS();
        const left = this.plannedS - open;
        this.at('figure').textContent = open < 0 ? spoken(-open) : left > 0 ? spoken(left) : `+${spoken(-left)}`;
        this.at('under').textContent = open < 0 ? 'until it opens: hands off' : left > 0 ? `left of ${spoken(this.plannedS)} open` : 'over time: close the shutter';
        this.at('bar').value = Math.max(0, Math.min(1000, (1000 * open) / this.plannedS));
        this.at('go').textContent = open < 0 ? 'Stop: not yet open' : this.bulb ? 'Close now' : 'Stopped early';
        if (!this.bulb && left <= 0) {
            this.finish(this.plannedS);
        }
    }

    close() {
        const open = this.openS();
        if (open <= 0) {
            this.sound.silence();
            localStorage.removeItem(this.key);
            location.reload();
            return;
        }
        this.finish(open);
    }

    finish(openS) {
        this.closed = true;
        localStorage.setItem(this.key, JSON.stringify({ openedAtMs: this.openedAtMs, openS }));
        if (openS < this.plannedS) {
            this.sound.silence();
        }
        this.save(this.openedAtMs, openS);
    }

    // The time stays in this device until the server has it: the log page that answers forgets it.
    save(openedAtMs, openS) {
        this.closed = true;
        this.openedAtMs = openedAtMs;
        this.at('ready').hidden = true;
        this.at('figure').textContent = spoken(openS);
        this.at('under').textContent = 'open time kept on this device, going to the log';
        const form = this.at('opened');
        form.elements.opened_at_ms.value = String(Math.round(openedAtMs));
        form.elements.open_s.value = openS.toFixed(3);
        this.at('go').textContent = 'Send it again';
        form.submit();
    }

    async keepAwake() {
        if (this.openedAtMs !== null && !this.closed && document.visibilityState === 'visible') {
            await navigator.wakeLock?.request('screen').catch(() => null);
        }
    }
}

// Counts to the next crest, and to the next set, from a rhythm that was pressed, for as many waves as the server says it can be carried on.
class Rhythm {
    constructor(line) {
        Object.assign(this, JSON.parse(line.dataset.rhythm));
        this.line = line;
        line.querySelector('[data-crest-now]').addEventListener('click', () => { this.at_ms = Date.now(); this.tick(); });
        setInterval(() => this.tick(), TICK_MS);
        this.tick();
    }

    tick() {
        const waves = (Date.now() - this.at_ms) / 1000 / this.period_s;
        const sure = Math.max(1, waves) < this.sure_waves;
        const left = this.period_s * (1 - (waves - Math.floor(waves)));
        this.line.querySelector('[data-next-crest]').textContent = sure ? `crest in ${left.toFixed(1)} s` : 'press with a crest to count again';
        const set = this.set_at_ms && this.set_apart_s ? (this.set_at_ms - Date.now()) / 1000 : null;
        this.line.querySelector('[data-next-set]').textContent = set === null || set < -this.set_apart_s ? '' : set > 0 ? `set in about ${spoken(set)}${set < 59.5 ? ' s' : ''}` : 'a set is due';
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
        new Shot(page).start();
    }
    const rhythm = document.querySelector('[data-rhythm]');
    if (rhythm) {
        new Rhythm(rhythm);
    }
    for (const kept of document.querySelectorAll('[data-logged]')) {
        localStorage.removeItem(`frame-${kept.dataset.logged}`);
    }
}

// What tells the hand without the eye: sound, vibration, the whole screen. Sounds are handed to the audio clock beforehand, so that they
// come on time from a tab that is held back; the rest follows the countdown.

const KINDS = ['sound', 'vibration', 'screen'];
// Seconds before the end, and the notes of each signal in Hz.
export const SIGNALS = [
    [60, [520]],
    [10, [520, 520]],
    [5, [660]],
    [4, [660]],
    [3, [660]],
    [2, [660]],
    [1, [660]],
    [0, [660, 880, 1100]],
];
const NOTE_S = 0.22;
export const END_MS = 1000 * NOTE_S * 3 + 200;

export const wants = (kind) => (localStorage.getItem(`signal-${kind}`) ?? (kind === 'screen' ? 'no' : 'yes')) === 'yes';
export const want = (kind, wanted) => localStorage.setItem(`signal-${kind}`, wanted ? 'yes' : 'no');

let shared = null;

/** One for the page: a browser gives out few, and each frame and each try would take another. */
function audio() {
    const Context = window.AudioContext || window.webkitAudioContext;
    return Context ? (shared ??= new Context()) : null;
}

export class Signals {
    constructor() {
        this.context = wants('sound') ? audio() : null;
        // Made before the first touch it stands still; this is called from one.
        this.context?.resume?.().catch?.(() => null);
        this.tones = [];
        this.given = null;
    }

    /** From a touch: a page that was loaded again has no leave to sound before one. */
    async wake() {
        await this.context?.resume?.();
    }

    /** All sounds to come, anew: the end may have moved. */
    endIn(seconds) {
        this.silence();
        for (const [before, notes] of SIGNALS) {
            if (seconds - before > (before ? 1 : -0.3)) {
                this.notes(Math.max(0, seconds - before), notes);
            }
        }
        this.given = Infinity;
    }

    notes(inS, notes) {
        notes.forEach((hz, i) => {
            if (!this.context) {
                return;
            }
            const at = this.context.currentTime + inS + i * NOTE_S;
            const tone = this.context.createOscillator();
            const level = this.context.createGain();
            tone.frequency.value = hz;
            level.gain.setValueAtTime(0.0001, at);
            level.gain.exponentialRampToValueAtTime(0.5, at + 0.02);
            level.gain.exponentialRampToValueAtTime(0.0001, at + NOTE_S - 0.02);
            tone.connect(level).connect(this.context.destination);
            tone.start(at);
            tone.stop(at + NOTE_S - 0.01);
            this.tones.push(tone);
        });
    }

    /** Vibration and screen, once for each signal that the countdown passes. @returns {number|null} the second that was passed */
    passed(leftS) {
        const due = SIGNALS.find(([before]) => leftS <= before && leftS > before - 0.9 && this.given > before)?.[0] ?? null;
        if (due !== null) {
            this.given = due;
            this.felt(due);
        }
        return due;
    }

    felt(due) {
        wants('vibration') && navigator.vibrate?.(due === 0 ? [250, 80, 250, 80, 250] : due > 5 ? [120, 60, 120] : 90);
        if (wants('screen')) {
            document.documentElement.classList.add('is-turned');
            setTimeout(() => document.documentElement.classList.remove('is-turned'), due === 0 ? 900 : 180);
        }
    }

    /** A try, by the same ways. */
    test() {
        this.wake();
        this.notes(0.05, SIGNALS.at(-1)[1]);
        this.felt(0);
    }

    silence() {
        this.tones.forEach((tone) => {
            try {
                tone.stop();
            } catch {
                /* was not yet to sound */
            }
        });
        this.tones = [];
    }
}

export function startSignals(box) {
    for (const kind of KINDS) {
        const tick = box.querySelector(`[data-signal=${kind}]`);
        tick.checked = wants(kind);
        tick.disabled = kind === 'vibration' && !navigator.vibrate;
        tick.addEventListener('change', () => want(kind, tick.checked));
    }
    box.querySelector('[data-signal-test]').addEventListener('click', () => new Signals().test());
    box.hidden = false;
}

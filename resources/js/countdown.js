// One opening of the shutter, by the wall clock alone: true after a sleep, a reload, a page left and found again. It counts; by what, the
// server says.

export class Countdown {
    /**
     * @param {{planned_s: number, bulb: boolean}} counts @param {number} openedAtMs when it opens, or opened @param {Array<[number,
     * number]>} changes seconds since then, stops of light from then on
     */
    constructor(counts, openedAtMs, changes = []) {
        Object.assign(this, { counts, openedAtMs, changes });
    }

    openS(nowMs = Date.now()) {
        return (nowMs - this.openedAtMs) / 1000;
    }

    stops() {
        return this.changes.at(-1)?.[1] ?? 0;
    }

    change(stops, nowMs = Date.now()) {
        const at = Math.max(0, Math.round(this.openS(nowMs) * 1000) / 1000);
        // Two presses within a second are one decision.
        if (this.changes.length && at - this.changes.at(-1)[0] < 1) {
            this.changes.at(-1)[1] = stops;
        } else {
            this.changes.push([at, stops]);
        }
    }

    /** Seconds of the planned light that were gathered: what comes from then on counts by its rate. */
    gatheredS(openS) {
        let [sum, from, rate] = [0, 0, 1];
        for (const [at, stops] of [...this.changes, [Infinity, 0]]) {
            const to = Math.min(at, openS);
            sum += Math.max(0, to - from) * rate;
            [from, rate] = [Math.max(from, to), 2 ** stops];
        }
        return sum;
    }

    /** How long it will have been open at the end. A camera that times itself closes when it was set to, whatever the light does. */
    wholeS() {
        if (!this.counts.bulb) {
            return this.counts.planned_s;
        }
        let [left, from, rate] = [this.counts.planned_s, 0, 1];
        for (const [at, stops] of this.changes) {
            if ((at - from) * rate >= left) {
                break;
            }
            [left, from, rate] = [left - (at - from) * rate, at, 2 ** stops];
        }
        return from + left / rate;
    }

    leftS(nowMs = Date.now()) {
        return this.wholeS() - this.openS(nowMs);
    }

    /** What the water looks like after so long; null where nothing is known. */
    look(seconds) {
        return this.counts.looks.find(([, to]) => to === null || seconds < to)?.[0] ?? null;
    }

    written() {
        return this.changes.map(([at, stops]) => `${Math.round(at * 1000) / 1000}:${Math.round(stops * 10000) / 10000}`).join(',');
    }
}

export function spoken(seconds) {
    const whole = Math.max(0, Math.ceil(seconds - 0.05));
    const two = (n) => String(n).padStart(2, '0');
    return whole < 60
        ? String(whole)
        : whole < 3600
          ? `${Math.floor(whole / 60)}:${two(whole % 60)}`
          : `${Math.floor(whole / 3600)}:${two(Math.floor(whole / 60) % 60)}:${two(whole % 60)}`;
}

/** The same with its unit, in a sentence. */
export const spokenS = (seconds) => `${spoken(seconds)}${seconds - 0.05 <= 59 ? ' s' : ''}`;

/** An open shutter in one line, for pages that show something else. */
export function openWords({ opened_at_ms: openedAtMs, ends_at_ms: endsAtMs }, nowMs = Date.now()) {
    const left = (endsAtMs - nowMs) / 1000;
    return nowMs < openedAtMs
        ? `Shutter opens in ${spokenS((openedAtMs - nowMs) / 1000)}`
        : left > 0
          ? `Shutter open ${spokenS((nowMs - openedAtMs) / 1000)}, ${spokenS(left)} to go`
          : `Shutter open, over by ${spokenS(-left)}: close it`;
}

// Presses with the crests: times on the device's own clock, sent to the server, which says what they come to. For the bench and the water
// room.

import { wallS } from './clock.js';

const written = (list) => list.map((s) => s.toFixed(3)).join(',');

export class Crests {
    // A pause longer than `restartAfterS` begins anew.
    constructor(address, restartAfterS = Infinity) {
        this.address = address;
        this.restartAfterS = restartAfterS;
        this.clear();
    }

    clear() {
        this.presses = [];
        this.big = new Set();
        this.leftOut = new Set();
    }

    press(big = false) {
        const now = wallS();
        if (this.presses.length && now - this.presses.at(-1) > this.restartAfterS) {
            this.clear();
        }
        this.presses.push(now);
        this.lastMs = Date.now();
        if (big) {
            this.markBig();
        }
    }

    markBig() {
        if (this.presses.length) {
            this.big.add(this.presses.at(-1));
        }
    }

    drop(place) {
        const [gone] = this.presses.splice(place, 1);
        this.big.delete(gone);
    }

    leaveOut(place) {
        this.leftOut.add(this.presses[place]);
    }

    query() {
        return new URLSearchParams({
            presses: written(this.presses),
            big: written(this.presses.filter((s) => this.big.has(s))),
            out: this.presses
                .map((s, i) => (this.leftOut.has(s) ? i : null))
                .filter((i) => i !== null)
                .join(','),
        });
    }

    // What the server says of them, and whether it could read them. Presses come faster than answers: only the answer to the last one
    // counts, and of an earlier one nothing comes back.
    async ask() {
        const asked = `${this.address}?${this.query()}`;
        this.asked = asked;
        const answer = await fetch(asked);
        const html = await answer.text();
        return this.asked === asked ? { html, ok: answer.ok } : null;
    }
}

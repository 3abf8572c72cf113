// What the core has worked out beforehand, looked up. Light is counted in thirds of a stop of EV100, times in thirds of a stop from a
// second.

export async function unpack(packed) {
    const bytes = Uint8Array.from(atob(packed.trim()), (letter) => letter.charCodeAt(0));
    return JSON.parse(await new Response(new Blob([bytes]).stream().pipeThrough(new DecompressionStream('gzip'))).text());
}

export async function pack(text) {
    const bytes = new Uint8Array(await new Response(new Blob([text]).stream().pipeThrough(new CompressionStream('gzip'))).arrayBuffer());
    let letters = '';
    bytes.forEach((byte) => {
        letters += String.fromCharCode(byte);
    });
    return btoa(letters).replace(/\+/g, '-').replace(/\//g, '_').replace(/=+$/, '');
}

/** Which of a rising list a value lies before, and how far on the way to it, on logarithms. */
function between(nodes, value) {
    const held = Math.min(Math.max(value, nodes[0]), nodes.at(-1));
    const upper = Math.max(
        1,
        nodes.findIndex((node) => node >= held),
    );
    return [upper, Math.log(held / nodes[upper - 1]) / Math.log(nodes[upper] / nodes[upper - 1])];
}

/** From the differences by which it was written down. */
function nodesOf({ rises }) {
    const nodes = rises[0].map(() => []);
    rises.forEach((column) =>
        column.reduce((sum, rise, place) => {
            nodes[place].push(sum + rise);
            return sum + rise;
        }, 0),
    );
    return nodes;
}

export class Tables {
    constructor(data) {
        this.data = data;
        [...Object.values(data.grids), ...data.subjects.map(({ grid }) => grid)].forEach((grid) => {
            grid.nodes = nodesOf(grid);
        });
        this.thirds = Object.fromEntries(Object.entries(data.dials).map(([dial, names]) => [dial, new Map(names)]));
    }

    /** Of a reading by the names on its dials. */
    light({ aperture, shutter, iso, bias = 0 }) {
        return Math.round(this.thirds.aperture.get(aperture) - this.thirds.shutter.get(shutter) - this.thirds.iso.get(iso)) - bias;
    }

    time(place) {
        return { place, ...this.data.times[place] };
    }

    glass(place) {
        return { place, ...this.data.glasses[place] };
    }

    /** The best ways for a light and a wanted time; null beyond what the tables hold. */
    ways(light, target) {
        const {
            light: [darkest, brightest],
            target: [shortest, longest],
            each,
            settings,
            cells,
        } = this.data.ways;
        if (light < darkest || light > brightest || target < shortest || target > longest) {
            return null;
        }
        const row = cells[light - darkest];
        const from = 2 * each * (target - shortest);
        const ways = [];
        for (let i = from; i < from + 2 * each && row[i] >= 0; i += 2) {
            const setting = settings[row[i]];
            ways.push({
                aperture: setting.aperture,
                iso: setting.iso,
                stops: setting.stops,
                glass: this.glass(setting.glass),
                time: this.time(row[i + 1]),
            });
        }
        return ways;
    }

    /** The time through each glass, for a base shutter; null beyond what the tables hold. */
    strip(base) {
        const {
            base: [shortest, longest],
            glasses,
            cells,
        } = this.data.strip;
        return base < shortest || base > longest
            ? null
            : cells[base - shortest]
                  .map((time, i) => (time < 0 ? null : { glass: this.glass(glasses[i]), time: this.time(time) }))
                  .filter(Boolean);
    }

    /** Where the looks lie: for a water that was framed, or for any at a period or speed, a height and a width of the frame. */
    looks(grid, values = {}, taste = 0) {
        let corners = [[0, 1]];
        for (const { name, at } of grid.axes) {
            const [upper, share] = between(at, values[name]);
            corners = corners.flatMap(([place, weight]) => [
                [place * at.length + upper - 1, weight * (1 - share)],
                [place * at.length + upper, weight * share],
            ]);
        }
        const read = grid.nodes[0].map(
            (_, i) => corners.reduce((sum, [place, weight]) => sum + weight * grid.nodes[place][i], 0) / this.data.units_a_stop,
        );
        const ends = read.slice(0, grid.looks.length - 1);
        return grid.looks
            .map((look, i) => {
                const [from, to] = [ends[i - 1] ?? -Infinity, ends[i] ?? Infinity];
                const best = Math.min(Math.max(read[ends.length + i] + taste, from), to);
                return { look, fromS: 2 ** from, toS: 2 ** to, bestS: 2 ** best };
            })
            .filter(({ fromS, toS }) => toS / fromS > 2 ** 0.02);
    }

    /** The name of a time: on the dial where there is one, else by the clock. */
    label(seconds) {
        const thirds = Math.round(3 * Math.log2(seconds));
        const named = this.data.dials.shutter.find(([, place]) => place === thirds);
        const whole = seconds < 120 ? Math.round(seconds) : 5 * Math.round(seconds / 5);
        return named ? named[0] : `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
    }
}

export const lookAt = (looks, seconds) => looks.find(({ toS }) => seconds < toS) ?? looks.at(-1);

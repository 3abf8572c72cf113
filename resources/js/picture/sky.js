// The sky of the hour: brighter towards the horizon and the sun, with clouds on a plane that the wind carries; an open time draws them out
// along the true way, so that those that come towards the viewer spread from where they come from.
import { clamp, mix, smooth } from './numbers.js';

const [WIDE, TALL] = [512, 256];
/** Entries of the plane for one height of the clouds. */
const A_HEIGHT = 13;
/** So high a tangent is the top of the sky's colours. */
const HIGHEST = 0.5;
/** Clouds lower than this are a haze. */
const [HAZE, CLEAR] = [0.012, 0.05];
/** Where no clouds are described, they are drawn out so far that nobody takes them for a sign of the wind: in their heights. */
const UNDESCRIBED = 14;

/** How much of the sky a cloud hides at the most, and how much the haze at the horizon is lit. */
const [COVERS, HAZY] = [0.88, 0.8];
/** What another drawer of the same has to know. */
export const SKY = { WIDE, TALL, A_HEIGHT, HIGHEST, HAZE, CLEAR, COVERS, HAZY };

export class Sky {
    constructor(recipe, layers, geometry) {
        Object.assign(this, { recipe, geometry, width: layers.width });
        const { clouds } = layers;
        // Running sums along the wind, once round and a little.
        const sums = (channel) =>
            Array.from({ length: TALL }, (_, v) => {
                const sum = new Float64Array(WIDE + 1);
                for (let u = 0; u < WIDE; u += 1) sum[u + 1] = sum[u] + clouds[4 * (v * WIDE + u) + channel] / 255;
                return sum;
            });
        [this.cover, this.bright] = [sums(0), sums(1)];
        const mean = this.cover.reduce((all, sum) => all + sum[WIDE], 0) / (WIDE * TALL);
        this.meanCover = mean;
        const { across = 1 } = recipe.clouds ?? {};
        [this.across, this.along] = [across, Math.sqrt(1 - across ** 2)];
    }

    /** How far the wind carries them in an open time, in entries of the plane. */
    run(place) {
        const {
            recipe: { clouds },
            geometry: { horizon, focal },
            width,
        } = this;
        if (clouds === null) {
            return UNDESCRIBED * A_HEIGHT;
        }
        // Half way up the sky the streak is what the recipe says.
        const middle = horizon / 2 / focal;
        return ((clouds.streak[place] * width) / focal / Math.hypot(this.across * middle, this.along * middle ** 2)) * A_HEIGHT;
    }

    /** Into two arrays: how much cloud covers each pixel of the sky, and how bright it is there. */
    clouds(place) {
        const {
            width,
            geometry: { horizon, focal },
            across,
            along,
        } = this;
        const run = Math.max(1, this.run(place));
        const [cover, bright] = [new Float32Array(width * horizon), new Float32Array(width * horizon)];
        const mean = (sums, u, v) => {
            const row = sums[((v % TALL) + TALL) % TALL];
            const at = (p) => {
                const turns = Math.floor(p / WIDE);
                const rest = p - turns * WIDE;
                const low = Math.floor(rest);
                return turns * row[WIDE] + row[low] + (rest - low) * ((low + 1 > WIDE ? row[1] + row[WIDE] : row[low + 1]) - row[low]);
            };
            return (at(u + run) - at(u)) / run;
        };
        for (let y = 0; y < horizon; y += 1) {
            const up = (horizon - y - 0.5) / focal;
            const away = A_HEIGHT / up;
            const shown = smooth(HAZE, CLEAR, up);
            for (let x = 0; x < width; x += 1) {
                const side = ((x - width / 2) / focal) * away;
                // The way of the wind is one axis of the plane.
                const u = side * across - away * along + 400;
                const v = side * along + away * across + 400;
                const low = Math.floor(v);
                const share = v - low;
                const i = y * width + x;
                cover[i] = mix(this.meanCover, mix(mean(this.cover, u, low), mean(this.cover, u, low + 1), share), shown);
                bright[i] = mix(HAZY, mix(mean(this.bright, u, low), mean(this.bright, u, low + 1), share), shown);
            }
        }
        return { cover, bright };
    }

    /** The clear sky at a tangent of height: red, green, blue, without the sun's glow. */
    static clear(light, up, into) {
        const place = clamp(up / HIGHEST) * 2;
        const low = Math.min(1, Math.floor(place));
        for (let c = 0; c < 3; c += 1) into[c] = mix(light.sky[low][c], light.sky[low + 1][c], place - low);
    }

    /** The sun's glow by height and by place across, each a factor. */
    static glowUp(light, up) {
        return light.glow ? Math.exp(-((up / light.glow.tall) ** 1.4)) : 0;
    }

    static glowAcross(light, share) {
        return light.glow ? Math.exp(-((Math.abs(share - light.glow.at) / light.glow.wide) ** 1.5)) : 0;
    }
}

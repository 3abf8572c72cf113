// Timers of water and sky. They take times, say what those come to, and keep them for the log.

import { small } from './journal.js';

const sorted = (list) => [...list].sort((a, b) => a - b);

/** By straight lines between the ranks. */
export function quantile(list, share) {
    const ranks = sorted(list);
    const place = share * (ranks.length - 1);
    const low = Math.floor(place);
    return ranks[low] + (place - low) * ((ranks[low + 1] ?? ranks[low]) - ranks[low]);
}

const gaps = (times) => times.slice(1).map((time, i) => time - times[i]);

const TOOLS = {
    waves: {
        button: () => 'A crest',
        words: 'Press with each crest that passes one rock.',
        result(times, data) {
            if (times.length < data.enough_presses) {
                return { words: times.length ? `${times.length} of ${data.enough_presses} crests` : '' };
            }
            const pressed = quantile(gaps(times), 0.5);
            const spread = (quantile(gaps(times), 0.75) - quantile(gaps(times), 0.25)) / 2;
            return {
                figure: `${pressed.toFixed(1)} s`,
                words: `between crests, ± ${spread.toFixed(1)} s`,
                periodS: pressed * data.peak_over_pressed,
                rhythmS: pressed,
                spread,
            };
        },
    },
    swash: {
        button: (times) => (times.length % 2 ? 'Drained' : 'At the top'),
        words: 'Press when the uprush is at its top, and when it has drained.',
        result(times) {
            const retreats = times.map((time, i) => (i % 2 ? time - times[i - 1] : null)).filter((s) => s !== null);
            const tops = times.filter((_, i) => i % 2 === 0);
            return retreats.length
                ? {
                      figure: `${quantile(retreats, 0.5).toFixed(1)} s`,
                      words: `retreat${tops.length > 1 ? `, an uprush every ${quantile(gaps(tops), 0.5).toFixed(1)} s` : ''}`,
                      periodS: tops.length > 1 ? quantile(gaps(tops), 0.5) : undefined,
                      rhythmS: tops.length > 1 ? quantile(gaps(tops), 0.5) : undefined,
                      last: tops.at(-1),
                  }
                : { words: '' };
        },
    },
    float: {
        button: (times) => (times.length % 2 ? 'There' : 'Start'),
        words: 'Foam or a leaf between two points: start, and there. Again for a mean.',
        asks: ['distance_m', 'Distance', 'm'],
        result(times, data, typed) {
            const runs = times.map((time, i) => (i % 2 ? time - times[i - 1] : null)).filter((s) => s !== null);
            const speeds = runs.map((s) => typed / s);
            const mean = speeds.reduce((sum, v) => sum + v, 0) / speeds.length;
            return runs.length && typed > 0
                ? { figure: `${mean.toFixed(2)} m/s`, words: `${runs.length} ${runs.length === 1 ? 'run' : 'runs'}`, speedMS: mean, runs }
                : { words: runs.length ? 'How far was it?' : '', runs };
        },
    },
    clouds: {
        button: (times) => (times.length % 2 ? 'Across' : 'Start'),
        words: 'A cloud across a part of the frame: start, and across.',
        asks: ['share', 'Part of the frame', '%'],
        result(times, data, typed, tables) {
            const seconds = times.length > 1 ? times[1] - times[0] : null;
            if (seconds === null || !(typed > 0)) {
                return { words: seconds === null ? '' : 'Which part of the frame?', seconds };
            }
            const looks = tables.looks(data.grids.clouds, { share_s: typed / 100 / seconds });
            return {
                figure: `${seconds.toFixed(1)} s`,
                words: looks
                    .slice(1)
                    .map(({ look, fromS }) => `${look} from ${tables.label(fromS)}`)
                    .join(', '),
                seconds,
            };
        },
    },
};

export class Timers {
    /** @param {{keep: (measured: object) => void, use: (result: object) => void}} to */
    constructor(section, tables, to) {
        Object.assign(this, { section, tables, to, data: tables.data });
        this.at = (name) => section.querySelector(`[data-timer-${name}]`);
        this.tool = 'waves';
        this.times = small.read('field-times', {});
        this.typed = {};
    }

    start() {
        this.section.querySelectorAll('[data-tool]').forEach((button) =>
            button.addEventListener('click', () => {
                this.tool = button.dataset.tool;
                this.show();
            }),
        );
        const press = (event) => {
            event.preventDefault();
            this.press();
        };
        this.at('pad').addEventListener('pointerdown', press);
        // By keys or a screen reader it comes as a click without a pointer.
        this.at('pad').addEventListener('click', (event) => event.detail === 0 && this.press());
        this.at('back').addEventListener('click', () => {
            this.list().pop();
            this.show();
        });
        this.at('anew').addEventListener('click', () => {
            this.times[this.tool] = [];
            this.show();
        });
        this.at('typed').addEventListener('input', () => {
            this.typed[this.tool] = this.at('typed').value;
            this.show();
        });
        this.at('keep').addEventListener('click', () => this.keep());
        this.at('use').addEventListener('click', () =>
            this.to.use({ ...this.result(), lastMs: 1000 * (this.result().last ?? this.list().at(-1)) }),
        );
        this.show();
    }

    list() {
        return (this.times[this.tool] ??= []);
    }

    press() {
        const list = this.list();
        const now = Date.now() / 1000;
        // A pause of minutes begins anew, and so does a cloud that has been timed.
        if ((list.length && now - list.at(-1) > 180 && this.tool !== 'clouds') || (this.tool === 'clouds' && list.length > 1)) {
            list.length = 0;
        }
        list.push(now);
        this.show();
    }

    result() {
        const typed = Number((this.typed[this.tool] ?? '').replace(',', '.'));
        return TOOLS[this.tool].result(this.list(), this.data, typed, this.tables);
    }

    show() {
        small.write('field-times', this.times);
        const tool = TOOLS[this.tool];
        const list = this.list();
        const result = this.result();
        this.section
            .querySelectorAll('[data-tool]')
            .forEach((button) => button.setAttribute('aria-pressed', String(button.dataset.tool === this.tool)));
        this.at('words').textContent = tool.words;
        this.at('pad').querySelector('b').textContent = tool.button(list);
        this.at('pad').querySelector('small').textContent = list.length ? `${list.length} pressed` : '';
        this.at('figure').textContent = result.figure ?? '–';
        this.at('under').textContent = result.words;
        this.at('asks').hidden = !tool.asks;
        if (tool.asks) {
            [this.at('asks').querySelector('span').textContent, this.at('asks').querySelector('i').textContent] = [
                tool.asks[1],
                tool.asks[2],
            ];
            this.at('typed').value = this.typed[this.tool] ?? '';
        }
        this.at('keep').disabled = !result.figure;
        this.at('use').hidden = !(result.periodS || result.speedMS);
        this.at('back').disabled = this.at('anew').disabled = !list.length;
    }

    keep() {
        const result = this.result();
        const list = this.list();
        const first = list[0];
        this.to.keep({
            what: this.tool,
            at_ms: Math.round(1000 * list.at(-1)),
            words: `${this.tool} ${result.figure}`,
            ...(this.tool === 'clouds'
                ? { share: Number(this.typed.clouds.replace(',', '.')), seconds: result.seconds }
                : { presses: this.tool === 'float' ? result.runs : list.map((time) => Math.round(1000 * (time - first)) / 1000) }),
            ...(this.tool === 'float' ? { distance_m: Number(this.typed.float.replace(',', '.')) } : {}),
        });
        this.times[this.tool] = [];
        this.show();
    }
}

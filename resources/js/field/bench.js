// The small bench: a water and a look give the wanted time, a reading and that time the best ways, a reading and a glass the time. All of
// it is looked up.

import { small } from './journal.js';
import { lookAt } from './tables.js';

const KEPT = 'field-bench';
const FIRST = { look: 'silk', aperture: 'f/11', shutter: '1/60', iso: '100', bias: 0, target: null, values: {} };

const make = (tag, className, text = '') => Object.assign(document.createElement(tag), { className, textContent: text });

export class Bench {
    /** @param {(spec: object) => void} shoot what a way that was pressed leads to */
    constructor(section, tables, shoot) {
        Object.assign(this, { section, tables, shoot, data: tables.data });
        this.at = (name) => section.querySelector(`[data-${name}]`);
        this.state = {
            ...FIRST,
            water: this.data.subjects[0] ? `s${this.data.subjects[0].uid}` : `k${this.data.kinds[0].kind}`,
            ...small.read(KEPT, {}),
        };
        this.rhythm = null;
    }

    start() {
        this.fillWaters();
        for (const dial of ['aperture', 'shutter', 'iso']) {
            const names = this.data.dials[dial].map(([name]) => name);
            const list = this.at(`dial-${dial}`);
            list.replaceChildren(...names.map((name) => new Option(name, name)));
            this.state[dial] = names.includes(this.state[dial]) ? this.state[dial] : names[Math.floor(names.length / 2)];
            list.addEventListener('change', () => this.set({ [dial]: list.value }));
        }
        this.at('water').addEventListener('change', () => this.set({ water: this.at('water').value, target: null, values: {} }));
        this.section.addEventListener('click', ({ target }) => {
            const { dial, by, look, target: step, way, glass } = target.closest('button')?.dataset ?? {};
            if (dial) this.step(dial, Number(by));
            if (look) this.set({ look, target: null });
            if (step) this.set({ target: this.thirds() + Number(step) });
            if (way !== undefined) this.plan(this.ways[way]);
            if (glass !== undefined) this.plan(this.strip[glass]);
        });
        this.at('params').addEventListener('input', ({ target }) =>
            this.set({ target: null, values: { ...this.state.values, [target.name]: target.value } }),
        );
        this.show();
    }

    fillWaters() {
        const group = (label, options) => {
            const part = document.createElement('optgroup');
            part.label = label;
            part.append(...options);
            return part;
        };
        const own = this.data.subjects.map(
            (subject) => new Option(this.data.outing ? subject.name : `${subject.place}, ${subject.name}`, `s${subject.uid}`),
        );
        const any = this.data.kinds.map(({ kind, name }) => new Option(name, `k${kind}`));
        this.at('water').replaceChildren(...(own.length ? [group('Known here', own)] : []), group('Any water', any));
        if (![...own, ...any].some(({ value }) => value === this.state.water)) {
            this.state.water = (own[0] ?? any[0]).value;
        }
        this.at('water').value = this.state.water;
    }

    set(changes) {
        Object.assign(this.state, changes);
        small.write(KEPT, this.state);
        this.show();
    }

    step(dial, by) {
        if (dial === 'bias') {
            this.set({ bias: Math.min(6, Math.max(-6, this.state.bias + by)) });
            return;
        }
        const names = this.data.dials[dial].map(([name]) => name);
        this.set({ [dial]: names[Math.min(names.length - 1, Math.max(0, names.indexOf(this.state[dial]) + by))] });
    }

    subject() {
        return this.data.subjects.find(({ uid }) => this.state.water === `s${uid}`) ?? null;
    }

    kind() {
        const kind = this.subject()?.kind ?? this.state.water.slice(1);
        return this.data.kinds.find((one) => one.kind === kind) ?? this.data.kinds[0];
    }

    /** The figures of any water, as typed or as is usual; null at one that cannot be read. */
    values() {
        const kind = this.kind();
        const usual = { [kind.by]: kind.usual, width_m: 12, ...(kind.height_m ? { height_m: kind.height_m } : {}) };
        const typed = Object.entries(usual).map(([name, otherwise]) => {
            const written = (this.state.values[name] ?? '').trim().replace(',', '.');
            return [name, written === '' ? otherwise : /^\d*\.?\d+$/.test(written) && Number(written) > 0 ? Number(written) : null];
        });
        return Object.fromEntries(typed);
    }

    looks() {
        const subject = this.subject();
        if (subject && this.state.values.period_s === undefined) {
            return this.tables.looks(subject.grid);
        }
        const values = subject
            ? { width_m: subject.width_m, height_m: subject.height_m ?? this.kind().height_m, period_s: Number(this.state.values.period_s) }
            : this.values();
        const grid = this.data.grids[this.kind().grid];
        return grid.axes.some(({ name }) => !(values[name] > 0)) ? null : this.tables.looks(grid, values, this.kind().taste);
    }

    /** The wanted time in thirds of a stop from a second: set by hand, else the best of the look. */
    thirds() {
        const looks = this.looks();
        const look = looks?.find((one) => one.look === this.state.look) ?? looks?.[Math.floor(looks.length / 2)];
        return this.state.target ?? Math.round(3 * Math.log2(look?.bestS ?? 1));
    }

    /** A period that was timed, for the water at hand where it has one. */
    timed(periodS, rhythm) {
        this.rhythm = rhythm;
        if (this.kind().by === 'period_s') {
            this.set({ values: { ...this.state.values, period_s: periodS.toFixed(1) }, target: null });
        }
    }

    flows(speedMS) {
        const kind = this.kind().by === 'speed_m_s' ? this.kind() : this.data.kinds.find((one) => one.kind === 'river');
        this.set({
            water: `k${kind.kind}`,
            values: { width_m: this.state.values.width_m ?? '', speed_m_s: speedMS.toFixed(2) },
            target: null,
        });
        this.at('water').value = this.state.water;
    }

    show() {
        this.showParams();
        const looks = this.looks();
        const wrong = this.at('wrong');
        wrong.hidden = looks !== null;
        wrong.textContent = looks === null ? 'Write figures above nought: 8, 2.5 or 2,5.' : '';
        this.section.classList.toggle('is-stale', looks === null);
        if (looks === null) {
            // What cannot be worked out cannot be shot.
            this.section.querySelectorAll('[data-way], [data-glass]').forEach((button) => {
                button.disabled = true;
            });
            return;
        }
        const target = this.thirds();
        const seconds = 2 ** (target / 3);
        const now = lookAt(looks, seconds);
        this.at('wanted').textContent = this.tables.label(seconds);
        this.at('wanted-look').textContent = now.look;
        this.at('wanted-span').textContent =
            now.fromS <= 0 || now.toS === Infinity
                ? now.fromS <= 0
                    ? `up to ${this.tables.label(now.toS)}`
                    : `from ${this.tables.label(now.fromS)} on`
                : `${this.tables.label(now.fromS)} to ${this.tables.label(now.toS)}`;
        this.at('guess').hidden = !(this.subject() ? this.subject().guessed : (this.state.values[this.kind().by] ?? '') === '');
        this.at('looks').replaceChildren(
            ...looks.map(({ look, bestS }) => {
                const button = make('button', 'button');
                button.type = 'button';
                button.dataset.look = look;
                button.setAttribute('aria-pressed', String(look === now.look));
                button.append(make('b', '', look), make('small', '', this.tables.label(bestS)));
                return button;
            }),
        );
        for (const dial of ['aperture', 'shutter', 'iso']) {
            this.at(`dial-${dial}`).value = this.state[dial];
        }
        const bias = Math.abs(this.state.bias);
        this.at('bias').textContent =
            bias === 0 ? 'as read' : `${this.state.bias > 0 ? '+' : '−'}${Math.floor(bias / 3) || ''}${['', '⅓', '⅔'][bias % 3]}`;
        this.showWays(target, looks);
        this.showStrip(looks);
        this.at('cautions').replaceChildren(...this.kind().cautions.map((words) => make('p', '', words)));
    }

    showParams() {
        const subject = this.subject();
        const kind = this.kind();
        const period = this.state.values.period_s;
        const fields = subject
            ? period === undefined
                ? []
                : [['period_s', 'Period', 's', '']]
            : [
                  [kind.by, kind.by === 'period_s' ? 'Period' : 'Speed', kind.by === 'period_s' ? 's' : 'm/s', kind.usual],
                  ...(kind.height_m ? [['height_m', 'Height', 'm', kind.height_m]] : []),
                  ['width_m', 'Frame', 'm wide', 12],
              ];
        const box = this.at('params');
        const key = `${this.state.water}|${fields.map(([name]) => name).join()}`;
        if (box.dataset.of !== key) {
            box.dataset.of = key;
            box.replaceChildren(
                ...fields.map(([name, label, unit, usual]) => {
                    const part = make('label', 'field-param', `${label} `);
                    const field = Object.assign(document.createElement('input'), {
                        name,
                        className: 'input',
                        inputMode: 'decimal',
                        placeholder: String(usual),
                        autocomplete: 'off',
                    });
                    part.append(field, make('span', '', unit));
                    return part;
                }),
            );
        }
        for (const field of box.querySelectorAll('input')) {
            if (document.activeElement !== field) {
                field.value = this.state.values[field.name] ?? '';
            }
        }
    }

    reading() {
        const { aperture, shutter, iso, bias } = this.state;
        return { aperture, shutter, iso, bias };
    }

    showWays(target, looks) {
        this.ways = this.tables.ways(this.tables.light(this.reading()), target);
        const list = this.at('ways');
        this.at('no-ways').hidden = this.ways?.length > 0;
        this.at('no-ways').textContent =
            this.ways === null
                ? 'Beyond what this file holds: below EV −5, above 17, or longer than half an hour.'
                : 'Nothing in this bag gives that time in this light. Step the time, or look at what each glass gives below.';
        list.replaceChildren(
            ...(this.ways ?? []).map((way, i) => {
                const line = make('li', 'field-way');
                const settings = make('span', 'field-settings');
                settings.append(make('b', 'field-time', way.time.label), make('b', '', way.aperture), make('b', '', `ISO ${way.iso}`));
                const glass = make('span', '', `${this.glassWords(way)} `);
                glass.append(make('small', '', `${lookAt(looks, way.time.seconds).look}${way.time.bulb ? ', bulb' : ''}`));
                settings.append(glass);
                const button = Object.assign(make('button', 'button is-go', 'Shoot'), { type: 'button' });
                button.dataset.way = String(i);
                button.setAttribute('aria-label', `Shoot ${way.time.label}, ${way.aperture}, ISO ${way.iso}, ${way.glass.label}`);
                line.append(settings, button);
                return line;
            }),
        );
    }

    glassWords({ glass, stops }) {
        return glass.label + (Math.abs(stops - glass.stops) > 0.05 ? `, set to ${stops.toFixed(1)} stops` : '');
    }

    showStrip(looks) {
        const { aperture, shutter, iso, bias } = this.state;
        const strip = this.tables.strip(this.tables.thirds.shutter.get(shutter) + bias) ?? [];
        this.strip = strip.map((mark) => ({ ...mark, aperture, iso, stops: mark.glass.stops }));
        this.at('strip').replaceChildren(
            ...this.strip.map((mark, i) => {
                const line = make('tr', '');
                const button = Object.assign(make('button', 'button is-small', 'Shoot'), { type: 'button' });
                button.dataset.glass = String(i);
                button.setAttribute('aria-label', `Shoot ${mark.time.label} through ${mark.glass.label}`);
                const cells = [
                    make('th', '', mark.glass.label),
                    make('td', 'is-number', mark.time.label),
                    make('td', '', lookAt(looks, mark.time.seconds).look),
                    make('td', ''),
                ];
                cells[0].scope = 'row';
                cells[3].append(button);
                line.append(...cells);
                return line;
            }),
        );
    }

    plan(way) {
        const looks = this.looks();
        const subject = this.subject();
        const kind = this.kind();
        const values = subject ? {} : this.values();
        this.shoot({
            name: subject?.name ?? kind.name,
            look: lookAt(looks, way.time.seconds).look,
            reading: this.reading(),
            way,
            looks: looks.map(({ look, toS }) => [look, toS === Infinity ? null : toS]),
            water: {
                subject: subject?.uid ?? null,
                kind: kind.kind,
                ...values,
                ...(this.state.values.period_s ? { period_s: Number(this.state.values.period_s) } : {}),
            },
            rhythm: kind.beats ? this.rhythm : null,
            top: kind.top,
            cautions: kind.cautions,
        });
    }
}

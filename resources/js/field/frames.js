// Frames of a field file: planned from its bench or its schedule, opened and closed on Shoot as every frame is, judged, and kept for the
// log.

import { Shot } from '../shoot.js';
import { newKey, small } from './journal.js';

const NOW = 'field-frame';
const OPEN = 'field-open';
const STEPS = 'field-steps';
const AROUND_S = 4 * 3600;
/** What a frame with the same settings needs anew; judgement of the run sheet: all but the settings and the hand off. */
const ANEW = ['settings', 'trigger'];

export class Frames {
    constructor(section, data, journal, go) {
        Object.assign(this, { section, data, journal, go });
        this.shot = null;
        this.template = document.getElementById('field-shot');
    }

    start() {
        this.verdict = this.section.querySelector('[data-verdict]');
        this.verdict.addEventListener('click', ({ target }) => this.pressed(target.closest('button')));
        this.verdict
            .querySelector('[data-note]')
            .addEventListener('change', ({ target }) => this.judge({ note: target.value.trim() || null }));
        this.journal.addEventListener('change', () => this.showVerdict());
        this.show();
    }

    frame() {
        return small.read(NOW);
    }

    /** @param {object} spec see Bench.plan @param {string[]} steps done already */
    plan(spec, steps = []) {
        if (small.read(OPEN)) {
            this.go('shoot');
            return;
        }
        small.write(NOW, { ...spec, key: newKey() });
        small.write(STEPS, steps);
        this.show();
        this.go('shoot');
    }

    again() {
        const frame = this.frame();
        this.plan(
            frame,
            this.sheet(frame)
                .map(({ key }) => key)
                .filter((key) => !ANEW.includes(key)),
        );
    }

    sheet({ way, reading }) {
        const says = {
            base: `${reading.shutter}, ${reading.aperture}, ISO ${reading.iso}`,
            aperture: way.aperture,
            iso: way.iso,
            time: way.time.label,
            manual: way.time.manual,
        };
        const fill = (words) => words.replace(/\{(\w+)\}/g, (_, name) => says[name]);
        return way.glass.sheets[way.time.bulb ? 1 : 0].map((step) => ({ ...step, title: fill(step.title), detail: fill(step.detail) }));
    }

    show() {
        this.shot?.leave();
        this.shot = null;
        this.section.querySelector('.shoot')?.remove();
        const frame = this.frame();
        const isTaken = frame !== null && this.journal.get(frame.key) !== null;
        this.section.querySelector('[data-no-frame]').hidden = frame !== null;
        if (frame && !isTaken) {
            this.shot = this.draw(frame);
        }
        this.showVerdict();
    }

    draw(frame) {
        const page = this.template.content.cloneNode(true).firstElementChild;
        const { way } = frame;
        const at = (name) => page.querySelector(`[data-${name}]`);
        page.dataset.planned = String(way.time.seconds);
        page.dataset.shoot = JSON.stringify({
            frame: frame.key,
            planned_s: way.time.seconds,
            bulb: way.time.bulb,
            busy_s: this.data.noise_in_camera ? way.time.seconds : 0,
            sun_gone_stops: this.data.sun_gone_stops,
            looks: frame.looks,
            rhythm: frame.rhythm,
        });
        const { outing } = this.data;
        // Long before and after it an outing says nothing of when to leave.
        if (outing && Date.now() > 1000 * (outing.from - AROUND_S) && Date.now() < 1000 * (outing.until + AROUND_S)) {
            page.dataset.leave = String(outing.until);
            at('leave-words').textContent = `leave by ${new Date(1000 * outing.until).toLocaleTimeString('en-GB', {
                hour: '2-digit',
                minute: '2-digit',
                timeZone: outing.zone,
            })}`;
            at('leave-words').hidden = false;
            at('clock').remove();
        }
        at('where').textContent = frame.name;
        at('figure').textContent = way.time.label;
        at('under').textContent = `${frame.look} · ${way.time.bulb ? 'bulb' : 'timed by the camera'}`;
        at('settings').replaceChildren(
            ...[way.aperture, `ISO ${way.iso}`, way.glass.label].flatMap((words) => [
                Object.assign(document.createElement('b'), { textContent: words }),
                ' ',
            ]),
        );
        if (frame.rhythm) {
            at('start-beat').querySelector('b').textContent = frame.top ? 'at the top of the swash' : 'on the crest';
            at('beat-now').textContent = frame.top ? 'A top, now' : 'A crest, now';
        } else {
            page.querySelectorAll('[data-start-beat], [data-beat-now], [data-next-set]').forEach((part) => part.remove());
        }
        page.querySelector('.cautions').replaceChildren(
            ...(frame.cautions ?? []).map((words) => Object.assign(document.createElement('p'), { textContent: words })),
        );
        const done = small.read(STEPS, []);
        page.querySelector('.sheet ol').replaceChildren(
            ...this.sheet(frame).map((step) => {
                const line = document.createElement('li');
                const label = document.createElement('label');
                const box = Object.assign(document.createElement('input'), {
                    type: 'checkbox',
                    name: 'done[]',
                    value: step.key,
                    checked: done.includes(step.key),
                });
                box.dataset.skipped = step.skipped;
                const words = document.createElement('span');
                words.append(
                    Object.assign(document.createElement('b'), { textContent: step.title }),
                    Object.assign(document.createElement('small'), { textContent: step.detail }),
                );
                label.append(box, words);
                line.append(label);
                return line;
            }),
        );
        this.section.prepend(page);
        const shot = new Shot(page, this);
        shot.start();
        return shot;
    }

    // What Shoot keeps a frame by: here, all of it stays on the device.
    says = { going: 'kept on this device', there: 'kept on this device' };

    openFrame() {
        return small.read(OPEN);
    }

    keepOpen(open) {
        small.write(OPEN, open);
    }

    taken() {
        return null;
    }

    keptSteps() {
        return small.read(STEPS, []);
    }

    async saveSteps(frame, form, done) {
        return small.write(STEPS, done);
    }

    keepTaken({ opened_at_ms: openedAtMs, open_s: openS, light }) {
        const { key, name, look, reading, way, water } = this.frame();
        this.journal.put({
            key,
            kind: 'frame',
            at_ms: Math.round(openedAtMs),
            name,
            look,
            water,
            open_s: openS,
            light,
            steps: small.read(STEPS, []),
            gear: { camera: this.data.gear.camera, lens: this.data.gear.lens, focal_mm: this.data.gear.focal_mm },
            reading: { aperture: reading.aperture, shutter: reading.shutter, iso: reading.iso, bias_thirds: reading.bias },
            way: {
                aperture: way.aperture,
                iso: way.iso,
                shutter: way.time.label,
                shutter_s: way.time.seconds,
                bulb: way.time.bulb,
                filters: way.glass.names.map((one) => ({ name: one, uid: this.data.gear.filters[one] ?? null })),
            },
            blur: null,
            exposure_thirds: null,
            note: null,
        });
    }

    async deliver() {
        return { to: '#shoot' };
    }

    goOn() {
        this.show();
    }

    /** The frame that was taken last from this device. */
    last() {
        return this.journal.get(this.frame()?.key) ?? null;
    }

    judge(said) {
        const last = this.last();
        last && this.journal.put({ ...last, ...said });
    }

    pressed(button) {
        const last = this.last();
        if (!button || !last) {
            return;
        }
        const { blur, exposure } = button.dataset;
        if (blur) this.judge({ blur: last.blur === blur ? null : blur });
        if (exposure) this.judge({ exposure_thirds: Math.max(-15, Math.min(15, (last.exposure_thirds ?? 0) + Number(exposure))) });
        if (button.dataset.again !== undefined) this.again();
        if (button.dataset.bench !== undefined) this.go('bench');
    }

    showVerdict() {
        const last = this.last();
        this.verdict.hidden = last === null || (this.shot !== null && this.frame().key === last.key && !this.shot.closed);
        if (last === null || this.shot?.closed) {
            this.verdict.hidden = true;
            return;
        }
        const at = (name) => this.verdict.querySelector(`[data-${name}]`);
        at('taken').textContent =
            last.open_s < 0.3
                ? `1/${Math.round(1 / last.open_s)}`
                : last.open_s < 60
                  ? `${last.open_s.toFixed(1)} s`
                  : `${Math.floor(last.open_s / 60)}:${String(Math.round(last.open_s % 60)).padStart(2, '0')}`;
        at('taken-of').textContent = `${last.name}, ${last.look}, ${last.way.aperture} ISO ${last.way.iso}`;
        this.verdict
            .querySelectorAll('[data-blur]')
            .forEach((button) => button.setAttribute('aria-pressed', String(button.dataset.blur === last.blur)));
        const thirds = last.exposure_thirds ?? 0;
        at('exposure-said').textContent =
            thirds === 0 ? 'exposure right' : `${thirds > 0 ? 'too bright' : 'too dark'} by ${Math.abs(thirds)}/3`;
        if (document.activeElement !== at('note')) {
            at('note').value = last.note ?? '';
        }
    }
}

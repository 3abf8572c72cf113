// A field file: one page in itself. What it shows was worked out by the core when it was made; here it is looked up, counted and kept.
import { startBoard } from '../board.js';
import { openWords } from '../countdown.js';
import { Bench } from '../field/bench.js';
import { Frames } from '../field/frames.js';
import { Home } from '../field/home.js';
import { Journal, newKey, small } from '../field/journal.js';
import { Tables, unpack } from '../field/tables.js';
import { Timers } from '../field/timers.js';
import { startSignals } from '../signals.js';
import { startThemes } from '../themes.js';

const $ = (id) => document.getElementById(id);

function startTabs() {
    const tabs = [...document.querySelectorAll('[data-tab]')];
    const show = () => {
        const wanted = tabs.find((tab) => `#${tab.id}` === location.hash) ?? tabs[0];
        tabs.forEach((tab) => {
            tab.hidden = tab !== wanted;
        });
        document.body.classList.toggle('on-shoot', wanted.id === 'shoot');
        document
            .querySelectorAll('.doors a')
            .forEach((link) =>
                link.hash === `#${wanted.id}` ? link.setAttribute('aria-current', 'page') : link.removeAttribute('aria-current'),
            );
        // A drawing is brought to its hour when it is seen.
        wanted.id === 'outing' && document.querySelector('[data-board][data-readings]') && startBoard();
        window.scrollTo(0, 0);
    };
    // An address that was typed or gone back to: the browser goes to where it points first.
    addEventListener('hashchange', () => {
        show();
        requestAnimationFrame(() => window.scrollTo(0, 0));
    });
    addEventListener('popstate', show);
    show();
    const go = (id) => {
        location.hash === `#${id}` || history.pushState(null, '', `#${id}`);
        show();
        dispatchEvent(new Event('tab'));
    };
    document.addEventListener('click', (event) => {
        const id = event.target.closest('a[href^="#"]')?.hash.slice(1);
        if (tabs.some((tab) => tab.id === id)) {
            event.preventDefault();
            go(id);
        }
    });
    return go;
}

function startTicks(journal, outing) {
    const boxes = [...document.querySelectorAll('[data-packs]')];
    if (!boxes.length) {
        return;
    }
    const mine = () => journal.all('ticks').find((entry) => entry.outing === outing.uid);
    const kept = mine() ?? outing;
    boxes.forEach((box) => {
        box.checked = kept[box.dataset.packs].includes(box.value);
    });
    const count = () =>
        document.querySelectorAll('[data-packed-of]').forEach((words) => {
            const all = boxes.filter((box) => box.dataset.packs === words.dataset.packedOf);
            words.textContent = `${all.filter((box) => box.checked).length} of ${all.length}`;
        });
    count();
    document.addEventListener('change', ({ target }) => {
        if (target.dataset.packs) {
            const ticked = (which) => boxes.filter((box) => box.dataset.packs === which && box.checked).map((box) => box.value);
            journal.put({
                key: mine()?.key ?? newKey(),
                kind: 'ticks',
                at_ms: Date.now(),
                outing: outing.uid,
                packed: ticked('packed'),
                brought_back: ticked('brought_back'),
            });
            count();
        }
    });
}

function startSightings(journal, marks) {
    document.querySelectorAll('[data-sees]').forEach((button) =>
        button.addEventListener('click', () => {
            const reached = button.dataset.reached === '1';
            journal.put({
                key: newKey(),
                kind: 'sighting',
                at_ms: Date.now(),
                mark: button.dataset.sees,
                reached,
                name: marks.find(({ uid }) => uid === button.dataset.sees)?.name,
            });
            const said = button.closest('li').querySelector('[data-seen]');
            const now = new Date().toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
            said.textContent = `${now} ${reached ? 'reached' : 'not reached'}, kept`;
        }),
    );
}

// The shutter stays open whatever is looked at.
function startLine(frames, go) {
    const line = document.querySelector('[data-open-line]');
    line.addEventListener('click', () => go('shoot'));
    const show = () => {
        const open = frames.openFrame();
        line.hidden = !open || document.body.classList.contains('on-shoot');
        line.textContent = open ? openWords(open) : '';
    };
    ['hashchange', 'tab'].forEach((moved) => addEventListener(moved, show));
    setInterval(show, 500);
}

function startLeave(outing) {
    const field = document.querySelector('[data-leave-by]');
    const show = () => {
        const left = Math.floor((1000 * outing.until - Date.now()) / 60_000);
        field.textContent =
            left < 0
                ? left > -720
                    ? 'past the time to leave'
                    : ''
                : left < 600
                  ? `leave in ${left >= 60 ? `${Math.floor(left / 60)} h ` : ''}${left % 60} min`
                  : '';
        field.classList.toggle('is-near', left < 15 && left > -720);
    };
    show();
    setInterval(show, 5000);
}

async function start() {
    const go = startTabs();
    startThemes();
    document
        .querySelectorAll('[data-light]')
        .forEach((button) => button.addEventListener('click', () => small.write('field-light', button.dataset.light)));
    document.querySelector(`[data-light="${small.read('field-light', '')}"]`)?.click();
    const tables = new Tables(await unpack($('field-data').textContent));
    const { data } = tables;
    const journal = await Journal.open();
    document.querySelector('[data-keeps-nothing]').hidden = journal.isKeeping;
    const frames = new Frames($('shoot'), data, journal, go);
    const bench = new Bench($('bench'), tables, (spec) => frames.plan(spec));
    bench.start();
    frames.start();
    new Timers($('water'), tables, {
        keep: (measured) => journal.put({ key: newKey(), kind: 'measurement', place: data.outing?.place ?? null, ...measured }),
        use: ({ periodS, rhythmS, spread, lastMs, speedMS }) => {
            const share = (spread ?? rhythmS / 6) / rhythmS;
            const sure = data.sure_by_share.find(([most]) => share <= most)?.[1] ?? 1;
            speedMS
                ? bench.flows(speedMS)
                : bench.timed(periodS, { period_s: rhythmS, at_ms: lastMs, sure_waves: sure, set_at_ms: null, set_apart_s: null });
            go('bench');
        },
    }).start();
    new Home($('home'), journal, data.home).start();
    startSignals(document.querySelector('#home [data-signals]'));
    if (data.outing) {
        startTicks(journal, data.outing);
        startSightings(journal, data.marks);
        startLeave(data.outing);
        document.querySelector('[data-board]').dataset.readings = JSON.stringify(data.readings);
        document.getElementById('outing').hidden || startBoard();
        document.querySelectorAll('[data-scheduled]').forEach((button) =>
            button.addEventListener('click', () => {
                const planned = data.scheduled[Number(button.dataset.scheduled)];
                const subject = data.subjects.find(({ uid }) => uid === planned.subject);
                if (!subject) {
                    // Its looks could not be worked out as it is framed: the bench takes any water.
                    go('bench');
                    return;
                }
                const kind = data.kinds.find((one) => one.kind === subject.kind);
                frames.plan({
                    name: subject.name,
                    look: planned.look,
                    reading: bench.reading(),
                    way: {
                        aperture: planned.aperture,
                        iso: planned.iso,
                        glass: tables.glass(planned.glass),
                        time: tables.time(planned.time),
                    },
                    looks: tables.looks(subject.grid).map(({ look, toS }) => [look, toS === Infinity ? null : toS]),
                    water: { subject: subject.uid, kind: subject.kind },
                    rhythm: kind.beats ? bench.rhythm : null,
                    top: kind.top,
                    cautions: kind.cautions,
                });
            }),
        );
    }
    startLine(frames, go);
    // For whoever compares what is looked up with what the core works out.
    $('bench').tables = tables;
    document.body.classList.add('is-started');
    performance.mark('started');
}

start().catch(() => {
    const said = document.querySelector('[data-no-start]');
    said.hidden = false;
});

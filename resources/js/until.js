// How long it is until what an outing waits for, by the wall clock; the next of them stands out.

const EVERY_MS = 10000;

const two = (n) => String(n).padStart(2, '0');

function words(unix, past) {
    const minutes = Math.floor((unix - Date.now() / 1000) / 60);
    return minutes < 0
        ? past
        : minutes < 60
          ? `in ${minutes} min`
          : minutes < 2880
            ? `in ${Math.floor(minutes / 60)} h ${two(minutes % 60)} min`
            : `in ${Math.floor(minutes / 1440)} days`;
}

function count(list) {
    let next = null;
    for (const moment of list.querySelectorAll('[data-unix]')) {
        const unix = Number(moment.dataset.unix);
        const past = unix < Date.now() / 1000;
        moment.classList.toggle('is-past', past);
        moment.classList.toggle('is-next', !past && next === null);
        next ??= past ? null : moment;
        moment.querySelector('i').textContent = words(unix, moment.dataset.past);
    }
}

export function startUntil() {
    const lists = document.querySelectorAll('[data-until]');
    const all = () => lists.forEach(count);
    all();
    lists.length && setInterval(all, EVERY_MS);
}

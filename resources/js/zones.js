// Times stand by the clock of their place. Where the device’s clock shows another hour the zone is named; an instant of no place goes by
// the device’s.

const parts = { year: 'numeric', month: 'short', day: 'numeric', hour: '2-digit', minute: '2-digit' };
const wall = (at, timeZone) => new Intl.DateTimeFormat('en-GB', { ...parts, timeZone }).format(at);
const nameOf = (at, timeZone) =>
    new Intl.DateTimeFormat('en-GB', { timeZone, timeZoneName: 'short' }).formatToParts(at).find((part) => part.type === 'timeZoneName')
        .value;

export function startZones() {
    for (const time of document.querySelectorAll('time[data-zone]')) {
        const at = new Date(time.dateTime);
        if (time.dataset.zone === '') {
            time.textContent = wall(at);
        } else if (wall(at, time.dataset.zone) !== wall(at)) {
            time.append(` ${nameOf(at, time.dataset.zone)}`);
        }
    }
    for (const note of document.querySelectorAll('[data-zone-note]')) {
        note.hidden = wall(new Date(), note.dataset.zoneNote) === wall(new Date());
    }
}

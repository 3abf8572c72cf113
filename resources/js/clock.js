// Seconds by the wall clock since the page was opened: the browser's own counter stands still while a phone sleeps.
const opened = Date.now();

export const wallS = () => (Date.now() - opened) / 1000;

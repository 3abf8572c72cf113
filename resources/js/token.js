// What a form of this session shows that it comes from here; after a long time away there is a new one.

let given = null;

export const token = () => given ?? document.querySelector('meta[name="csrf-token"]')?.content ?? '';

/** @returns {Promise<boolean>} whether one could be had */
export async function freshToken() {
    const page = await fetch('/settings', { headers: { Accept: 'text/html' } });
    given = /name="csrf-token" content="(\w+)"/.exec(await page.text())?.[1] ?? given;
    return given !== null;
}

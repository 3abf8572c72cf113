// What a form of this session shows that it comes from here; after a long time away there is a new one.

let given = null;

export const token = () => given ?? document.querySelector('meta[name="csrf-token"]')?.content ?? '';

/** @returns {Promise<boolean>} whether one could be had */
export async function freshToken() {
    const page = await fetch('/settings', { headers: { Accept: 'text/html' } });
    given = /name="csrf-token" content="(\w+)"/.exec(await page.text())?.[1] ?? given;
    return given !== null;
}

const PATIENCE_MS = 15_000;

/**
 * Sends what a page does by itself, beside its forms; once more where the session is another by now.
 *
 * @param {FormData|URLSearchParams} body
 * @returns {Promise<Response|null>} null where nobody answered
 */
export async function post(address, body, { keepalive = false } = {}) {
    const send = () => {
        body.has('_token') && body.set('_token', token());
        return fetch(address, {
            method: 'POST',
            body,
            headers: { Accept: 'application/json', 'X-CSRF-TOKEN': token() },
            keepalive,
            signal: AbortSignal.timeout(PATIENCE_MS),
        }).catch(() => null);
    };
    const answer = await send();
    return answer?.status === 419 && (await freshToken().catch(() => false)) ? send() : answer;
}

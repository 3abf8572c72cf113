// Keeps the pages that are visited, on this device, to be read where there is no network. The network goes first, always: what is kept is
// shown only where it does not answer, and says as of when. What is sent is never kept, and nothing of another version outlives it.

const VERSION = 'GENTLE-POUR-VERSION'; // the server puts in what was built
const FIRST = 'GENTLE-POUR-FIRST'; // and the addresses of what every page needs
const PAGES = `pages-${VERSION}`;
const FILES = `files-${VERSION}`;
const MOST_PAGES = 80;
const PATIENCE_MS = 8000;
// A field file is worked out for some seconds before it comes.
const SLOW = /^\/field\/file/;
const SLOW_PATIENCE_MS = 60_000;
const AT = 'x-kept-at';
const NEVER = /^\/(enter|up|calendar|schemas|settings\/(backup|deleted))|\.(csv|ics|zip|json|gpx)$/;

self.addEventListener('install', (event) =>
    event.waitUntil(
        caches
            .open(FILES)
            .then((kept) => kept.addAll(FIRST))
            .then(() => self.skipWaiting()),
    ),
);

self.addEventListener('activate', (event) =>
    event.waitUntil(
        (async () => {
            for (const name of await caches.keys()) {
                [PAGES, FILES].includes(name) || (await caches.delete(name));
            }
            await self.clients.claim();
        })(),
    ),
);

// Who leaves, or is no longer let in, leaves nothing to read behind.
const forget = () => caches.delete(PAGES);

async function keep(request, answer) {
    const pages = await caches.open(PAGES);
    const headers = new Headers(answer.headers);
    headers.set(AT, new Date().toISOString());
    await pages.put(request.url, new Response(await answer.blob(), { status: 200, headers }));
    for (const old of (await pages.keys()).slice(0, -MOST_PAGES)) {
        await pages.delete(old);
    }
}

/** As it was, with the hour on it; scripts find it on the body. */
async function asOf(kept) {
    const at = kept.headers.get(AT);
    const html = (await kept.text()).replace('<body ', `<body data-kept="${at}" `);
    return new Response(html, {
        headers: {
            'Content-Type': 'text/html; charset=utf-8',
            'Content-Security-Policy': kept.headers.get('Content-Security-Policy') ?? "default-src 'self'",
        },
    });
}

const escaped = (text) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/"/g, '&quot;');

const TITLE = /<title>([^<]*?)(?: · Gentle Pour)?<\/title>/;
const LISTED = 30;

// In the light of the pages that are kept: who has eyes for the dark is shown no white page.
async function nothing() {
    const kept = await caches.open(PAGES);
    const requests = (await kept.keys()).reverse().slice(0, LISTED);
    const found = await Promise.all(
        requests.map(async ({ url }) => {
            const answer = await kept.match(url);
            const html = (await answer?.text()) ?? '';
            const at = new Date(answer?.headers.get(AT) ?? '').toLocaleString('en-GB', {
                day: 'numeric',
                month: 'short',
                hour: '2-digit',
                minute: '2-digit',
            });
            const { pathname, search } = new URL(url);
            return { html, at, address: pathname + search, title: TITLE.exec(html)?.[1] || escaped(pathname) };
        }),
    );
    const root = /<html[^>]*>/.exec(found[0]?.html ?? '')?.[0] ?? '<html lang="en">';
    const scheme = root.includes('"night"') ? 'dark' : 'light';
    const links = found
        .map(({ address, title, at }) => `<li><a href="${escaped(address)}">${title}</a> <small>${escaped(at)}</small></li>`)
        .join('');
    return new Response(
        `<!DOCTYPE html>${root}<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">` +
            `<meta name="color-scheme" content="${scheme}"><title>No network</title>` +
            FIRST.filter((address) => address.endsWith('.css'))
                .map((address) => `<link rel="stylesheet" href="${address}">`)
                .join('') +
            '<main id="main"><div class="empty"><h1>No answer, and this page is not kept here</h1>' +
            '<p><a class="button is-go" href="">Try again</a></p>' +
            (links ? `<div><h2>Kept on this device</h2><ul class="kept-pages">${links}</ul></div>` : '') +
            '</div></main></html>',
        {
            status: 503,
            headers: {
                'Content-Type': 'text/html; charset=utf-8',
                'Content-Security-Policy': "default-src 'none'; style-src 'self'; font-src 'self' data:",
            },
        },
    );
}

async function page(event) {
    const { request } = event;
    try {
        const answer = await fetch(request, {
            signal: AbortSignal.timeout(SLOW.test(new URL(request.url).pathname) ? SLOW_PATIENCE_MS : PATIENCE_MS),
        });
        const path = new URL(answer.url || request.url).pathname;
        if (path === '/enter') {
            event.waitUntil(forget());
        } else if (answer.status === 200 && !NEVER.test(path) && (answer.headers.get('Content-Type') ?? '').startsWith('text/html')) {
            event.waitUntil(keep(answer.redirected ? new Request(answer.url) : request, answer.clone()));
        }
        return answer;
    } catch {
        const kept = await (await caches.open(PAGES)).match(request.url);
        return kept ? asOf(kept) : nothing();
    }
}

async function file(event) {
    const files = await caches.open(FILES);
    const kept = await files.match(event.request);
    if (kept) {
        return kept;
    }
    const answer = await fetch(event.request);
    answer.status === 200 && event.waitUntil(files.put(event.request, answer.clone()));
    return answer;
}

self.addEventListener('fetch', (event) => {
    const { request } = event;
    const url = new URL(request.url);
    if (url.origin !== self.location.origin) {
        return;
    }
    if (request.method === 'POST' && url.pathname === '/leave') {
        event.waitUntil(forget());
    }
    if (request.method !== 'GET') {
        return;
    }
    if (url.pathname.startsWith('/build/')) {
        event.respondWith(file(event));
    } else if (request.mode === 'navigate') {
        event.respondWith(page(event));
    }
});

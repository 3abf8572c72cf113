// What a field is about, from the manual, over the page: nothing typed is lost. Without scripts the link leads there.

let pages = null;

async function topicOf(href) {
    const [path, id] = href.split('#');
    pages ??= fetch(path, { headers: { 'X-Requested-With': 'XMLHttpRequest' } }).then((answer) =>
        answer.ok ? answer.text() : Promise.reject(new Error(String(answer.status))),
    );
    const page = new DOMParser().parseFromString(await pages, 'text/html');
    return page.getElementById(id);
}

function dialog() {
    const made =
        document.getElementById('help') ?? document.body.appendChild(Object.assign(document.createElement('dialog'), { id: 'help' }));
    made.setAttribute('aria-label', 'From the manual');
    return made;
}

export function startHelp() {
    document.addEventListener('click', async (event) => {
        const link = event.target.closest('a.entry-help');
        if (event.target.closest('#help [data-closes]')) {
            document.getElementById('help').close();
        }
        if (!link || event.ctrlKey || event.metaKey || event.shiftKey) {
            return;
        }
        event.preventDefault();
        const shown = dialog();
        let topic = null;
        try {
            topic = await topicOf(link.href);
        } catch {
            pages = null;
        }
        shown.replaceChildren(
            ...(topic ? [topic] : [Object.assign(document.createElement('p'), { textContent: 'The manual is out of reach just now.' })]),
        );
        const foot = document.createElement('p');
        foot.className = 'foot-line';
        foot.append(
            Object.assign(document.createElement('button'), { type: 'button', className: 'button', textContent: 'Back to the form' }),
            Object.assign(document.createElement('a'), { href: link.href, target: '_blank', textContent: 'The whole manual' }),
        );
        foot.firstChild.dataset.closes = '';
        shown.append(foot);
        shown.showModal();
    });
}

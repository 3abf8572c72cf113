// Parts of a page that the server works out while one types: where no answer comes, it is said beside what it would have changed.
import htmx from 'htmx.org';

window.htmx = htmx;

const LATE_MS = 1500;

function say(target, words) {
    let line = target.previousElementSibling?.matches('.asking') ? target.previousElementSibling : null;
    if (!line && words) {
        line = document.createElement('p');
        line.className = 'asking';
        line.setAttribute('role', 'status');
        target.before(line);
    }
    if (line) {
        line.textContent = words;
    }
}

export function startAsks(sayOf = say) {
    let late = null;
    const heard = (event) => event.detail.target && !event.detail.requestConfig?.elt.matches('[data-says-itself]');
    document.addEventListener('htmx:beforeSend', (event) => {
        if (heard(event)) {
            clearTimeout(late);
            late = setTimeout(() => sayOf(event.detail.target, 'No answer yet.'), LATE_MS);
        }
    });
    document.addEventListener('htmx:afterRequest', (event) => {
        if (heard(event) && event.detail.xhr.status > 0) {
            clearTimeout(late);
            sayOf(event.detail.target, event.detail.xhr.status < 500 ? '' : 'The server could not work it out just now.');
        }
    });
    for (const lost of ['htmx:sendError', 'htmx:timeout']) {
        document.addEventListener(lost, (event) => {
            if (heard(event)) {
                clearTimeout(late);
                sayOf(event.detail.target, 'No answer: the server is out of reach. What you typed is kept.');
            }
        });
    }
}

// A page asks the server whenever its fields say something new, and never passes off an old answer as theirs: what waits is dimmed, what
// could not be worked out is struck, and a button that acts on the answer is held until there is one. What a person typed or pressed after
// a question left is theirs: a late answer writes nothing over it, and it is asked again.
import './asks.js';
import { Idiomorph } from 'idiomorph/dist/idiomorph-ext.esm.js';

// An answer changes what differs, and leaves the field alone that is being typed in, and every section as open as the person has it.
Idiomorph.defaults.ignoreActiveValue = true;
Idiomorph.defaults.callbacks.beforeAttributeUpdated = (name, node) => !(name === 'open' && node.tagName === 'DETAILS');

const TYPING_MS = 250;
const PRESSED_MS = 20;
const LEAST_BETWEEN_MS = 250;
const OVERDUE_MS = 1500;
const AGAIN_MS = 3000;
const GOOD_NEWS_MS = 4000;

const namesOf = (form) => [...new Set([...form.elements].map((field) => field.name).filter(Boolean))];
const valueOf = (form, name) => new FormData(form).getAll(name).join('\n');

function write(form, name, value) {
    for (const field of [...form.elements].filter((one) => one.name === name)) {
        if (field.type === 'radio' || field.type === 'checkbox') {
            field.checked = value.split('\n').includes(field.value);
        } else if (field.value !== value) {
            field.value = value;
        }
    }
}

export class Asking {
    // What is said of the answer that stands while a field is refused.
    constructor(id, ofTheRest = '') {
        this.id = id;
        this.ofTheRest = ofTheRest;
        this.state = 'fresh';
        this.asked = new Map();
        this.sentMs = -Infinity;
        this.held = null;
        this.answered = this.said();
    }

    form() {
        return document.getElementById(this.id);
    }

    said() {
        const form = this.form();
        return form
            ? namesOf(form)
                  .map((name) => `${name}=${valueOf(form, name)}`)
                  .join('&')
            : '';
    }

    isFresh() {
        return this.state === 'fresh' && !this.timer && this.said() === this.answered;
    }

    // What was asked last and changed since.
    changed() {
        const form = this.form();
        return [...this.asked]
            .map(([name, was]) => [name, valueOf(form, name), was])
            .filter(([, value, was]) => value !== was)
            .map(([name, value]) => [name, value]);
    }

    askIn(ms) {
        if (this.state === 'fresh' && this.said() === this.answered) {
            return;
        }
        this.show(this.state === 'unanswered' ? 'unanswered' : 'asking');
        clearTimeout(this.timer);
        this.timer = setTimeout(() => this.ask(), this.apart(ms));
    }

    // Not sooner than the server is to be asked again.
    apart(ms) {
        return Math.max(ms, this.sentMs + LEAST_BETWEEN_MS - performance.now());
    }

    ask() {
        clearTimeout(this.timer);
        this.timer = null;
        document.getElementById(`${this.id}-asks`)?.dispatchEvent(new Event('ask'));
    }

    show(state) {
        this.state = state;
        this.form()?.setAttribute('data-state', state);
        this.button()?.setAttribute('aria-busy', 'true');
    }

    say(words) {
        const line = document.getElementById(`${this.id}-said`);
        if (line && line.textContent !== words) {
            line.textContent = words;
        }
    }

    button() {
        return this.held && document.getElementById(this.held);
    }

    // A press waits for the answer to what the fields say, and then acts on that.
    hold(button) {
        this.held = button.id;
        this.patience = 1;
        if (!this.timer && (this.state === 'refused' || this.state === 'unanswered') && this.changed().length === 0) {
            this.letGo();
            return;
        }
        this.show('asking');
        this.say('Working it out for what the fields say now …');
        this.ask();
    }

    letGo() {
        const button = this.button();
        button?.removeAttribute('aria-busy');
        this.held = null;
        if (this.state === 'fresh') {
            this.say('');
            button ? this.form().requestSubmit(button) : this.say('Nothing was done: nothing in the bag gives this. See the ways below.');
        } else if (this.state === 'refused') {
            this.say('Nothing was done: mend what is marked first.');
            const field = this.form().querySelector('[aria-invalid=true]');
            field?.scrollIntoView({ block: 'center' });
            field?.focus({ preventScroll: true });
        } else {
            this.say('Nothing was done: the server does not answer. What you typed is kept, and asked again as soon as it does.');
        }
    }

    // The question before is overtaken: its answer, should it still come, is dropped.
    sent(xhr) {
        const form = this.form();
        const before = this.latest;
        this.latest = xhr;
        before?.abort();
        this.asked = new Map(namesOf(form).map((name) => [name, valueOf(form, name)]));
        this.sentMs = performance.now();
        clearTimeout(this.overdue);
        this.overdue = setTimeout(() => this.say('No answer yet. What is shown belongs to the fields as they were before.'), OVERDUE_MS);
    }

    swapped(kept) {
        const form = this.form();
        if (!form) {
            return;
        }
        const ours = kept.filter(([name]) => namesOf(form).includes(name));
        ours.forEach(([name, value]) => write(form, name, value));
        for (const field of form.querySelectorAll('details:not([open]) [aria-invalid=true]')) {
            field.closest('details').open = true;
        }
        if (ours.length) {
            this.show('asking');
            this.timer ??= setTimeout(() => this.ask(), this.apart(PRESSED_MS));
        }
    }

    // A press outlasts one question that a slow network swallowed: it is asked once more at once.
    timedOut(detail) {
        if (this.held && this.patience > 0 && !this.timer) {
            this.patience -= 1;
            this.say('No answer yet: asked once more …');
            this.timer = setTimeout(() => this.ask(), 0);
        } else {
            this.finished(detail);
        }
    }

    finished({ xhr }) {
        clearTimeout(this.overdue);
        const waited = this.state === 'unanswered';
        if (this.timer) {
            return; // changed since, and about to be asked
        }
        if (xhr.status >= 200 && xhr.status < 300) {
            this.answered = this.said();
            this.state = 'fresh';
            this.form()?.setAttribute('data-state', 'fresh');
            this.say(waited ? 'It works again.' : '');
            waited && setTimeout(() => this.state === 'fresh' && this.say(''), GOOD_NEWS_MS);
        } else if (xhr.status === 422) {
            this.show('refused');
            this.say(`Not worked out: see what is marked. ${this.ofTheRest}`.trim());
        } else {
            this.show('unanswered');
            this.say(
                xhr.status
                    ? 'The server could not work it out just now. What you typed is kept; it is asked again.'
                    : 'No answer: the server is out of reach. What you typed is kept; it is asked again.',
            );
            this.timer = setTimeout(() => this.ask(), AGAIN_MS);
        }
        if (this.held) {
            this.letGo();
        }
    }

    start() {
        const asks = (event) => this.form() && event.detail.requestConfig?.elt.id === `${this.id}-asks`;
        const ours = (event) => asks(event) && event.detail.xhr === this.latest;
        let kept = [];
        document.addEventListener('input', (event) => event.target.form === this.form() && this.askIn(TYPING_MS));
        document.addEventListener('change', (event) => event.target.form === this.form() && this.askIn(PRESSED_MS));
        document.addEventListener('submit', (event) => {
            if (event.target !== this.form()) {
                return;
            }
            if (!event.submitter?.hasAttribute('formaction')) {
                event.preventDefault();
                this.askIn(0);
            } else if (!this.isFresh()) {
                event.preventDefault();
                this.hold(event.submitter);
            }
        });
        document.addEventListener('htmx:beforeSend', (event) => asks(event) && this.sent(event.detail.xhr));
        document.addEventListener('htmx:beforeSwap', (event) => {
            kept = ours(event) ? this.changed() : [];
            event.detail.shouldSwap &&= !asks(event) || ours(event);
        });
        document.addEventListener('htmx:afterSwap', (event) => ours(event) && this.swapped(kept));
        // A request that a newer one overtook ends without a status, and without a word.
        document.addEventListener(
            'htmx:afterRequest',
            (event) => ours(event) && event.detail.xhr.status > 0 && this.finished(event.detail),
        );
        document.addEventListener('htmx:sendError', (event) => ours(event) && this.finished(event.detail));
        document.addEventListener('htmx:timeout', (event) => ours(event) && this.timedOut(event.detail));
        window.addEventListener('online', () => this.state === 'unanswered' && this.ask());
    }
}

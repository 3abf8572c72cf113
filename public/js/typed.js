// What a person typed or pressed after a question left is theirs: the answer that comes late writes nothing over it, and it is asked again.

const names = (form) => [...new Set([...form.elements].map((field) => field.name).filter(Boolean))];
const said = (form, name) => new FormData(form).getAll(name).join('\n');

function say(form, name, value) {
    for (const field of [...form.elements].filter((one) => one.name === name)) {
        if (field.type === 'radio' || field.type === 'checkbox') {
            field.checked = value.split('\n').includes(field.value);
        } else if (field.value !== value) {
            field.value = value;
        }
    }
}

export function startKeepingTyped(form) {
    let asked = new Map();
    let since = [];
    const isOurs = (event) => form() && event.detail.requestConfig?.elt === form();
    document.addEventListener('htmx:beforeSend', (event) => {
        if (isOurs(event)) {
            asked = new Map(names(form()).map((name) => [name, said(form(), name)]));
        }
    });
    document.addEventListener('htmx:beforeSwap', (event) => {
        since = isOurs(event) ? [...asked].map(([name]) => [name, said(form(), name)]).filter(([name, value]) => value !== asked.get(name)) : [];
    });
    document.addEventListener('htmx:afterSwap', () => {
        const kept = form() ? since.filter(([name]) => names(form()).includes(name)) : [];
        since = [];
        kept.forEach(([name, value]) => say(form(), name, value));
        // What is still being typed is asked when it is left.
        if (kept.some(([name]) => name !== document.activeElement.name)) {
            form().dispatchEvent(new Event('change', { bubbles: true }));
        }
    });
}

// What a person typed after a question left is theirs: the answer that comes late writes nothing over it, and it is asked again.

const worth = (form, name) => new FormData(form).getAll(name).join('\n');

export function startKeepingTyped(form) {
    let asked = null;
    let typed = new Map();
    const isOurs = (event) => event.detail.requestConfig?.elt === form();
    document.addEventListener('htmx:beforeSend', (event) => {
        if (isOurs(event)) {
            asked = new Map([...new Set(new FormData(form()).keys())].map((name) => [name, worth(form(), name)]));
        }
    });
    document.addEventListener('htmx:beforeSwap', (event) => {
        if (isOurs(event) && asked) {
            typed = new Map([...asked].map(([name]) => [name, worth(form(), name)]).filter(([name, value]) => value !== asked.get(name)));
        }
    });
    document.addEventListener('htmx:afterSwap', () => {
        for (const [name, value] of typed) {
            const field = form()?.elements[name];
            if (field && worth(form(), name) !== value && !(field instanceof HTMLInputElement && field.type === 'checkbox')) {
                const [from, to] = [field.selectionStart, field.selectionEnd];
                field.value = value;
                if (field === document.activeElement && typeof from === 'number') {
                    field.setSelectionRange(from, to);
                }
            }
        }
        const left = [...typed.keys()].some((name) => form()?.elements[name] !== document.activeElement);
        typed = new Map();
        if (left) {
            form().dispatchEvent(new Event('change', { bubbles: true }));
        }
    });
}

// The form of a subject shows the fields that count for its water; without scripts it shows all of them.

function show(form) {
    const of = form.querySelector('[name=kind]').selectedOptions[0].dataset.of.split(' ');
    const measure = form.querySelector('[name=measure]').value;
    for (const part of form.querySelectorAll('[data-for]')) {
        part.hidden = !of.includes(part.dataset.for);
    }
    for (const part of form.querySelectorAll('[data-measure]')) {
        part.hidden = part.dataset.measure !== measure;
    }
    const drop = form.querySelector('[name=measure] [value=drop]');
    drop.disabled = !of.includes('falls');
    if (drop.disabled && measure === 'drop') {
        form.querySelector('[name=measure]').value = 'speed';
        show(form);
    }
}

export function startSubject() {
    const form = document.querySelector('[data-water]');
    if (form) {
        form.addEventListener('change', () => show(form));
        show(form);
    }
}

// A backup that is brought back is as large as its pictures: it goes in parts, and the form then names it.
import { Parts } from './parts.js';

const percent = (share) => `${Math.floor(100 * share)} %`;

export function startBring() {
    const form = document.querySelector('[data-brings]');
    if (!form) return;
    const parts = new Parts(form);
    const [input, said] = [form.querySelector('[type=file]'), form.querySelector('[data-brings-said]')];
    const say = (words) => {
        said.textContent = words;
    };
    let isOnItsWay = false;
    parts.begun().forEach((name) => say(`${name} is half there. Choose it again, and it goes on.`));
    // Come back to, the page takes another.
    window.addEventListener('pageshow', () => {
        input.disabled = false;
        form.querySelector('[name=sent]')?.remove();
    });
    window.addEventListener('beforeunload', (event) => isOnItsWay && event.preventDefault());
    const send = async (file) => {
        say(`${file.name}: on its way`);
        isOnItsWay = true;
        try {
            const { name } = await parts.send(file, (share) => say(`${file.name}: on its way, ${percent(share)}`));
            say(`${file.name}: there, and being looked through`);
            form.append(Object.assign(document.createElement('input'), { type: 'hidden', name: 'sent', value: name }));
            input.disabled = true;
            isOnItsWay = false;
            form.submit();
        } catch (error) {
            isOnItsWay = false;
            say(error.words ?? `${file.name} could not be sent: the server is out of reach. What has arrived stays; press again.`);
        }
    };
    form.addEventListener('submit', (event) => {
        const [file] = input.files;
        if (!file || !parts.areFor(file)) return;
        event.preventDefault();
        const most = Number(form.dataset.mostBytes);
        if (file.size > most) {
            say(`${file.name} is larger than ${Math.round(most / 1e6)} MB, which is more than is taken here.`);
        } else if (!isOnItsWay) {
            send(file);
        }
    });
}

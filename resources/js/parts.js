// Large files of a form: whether one goes out in parts, and which are half there.
import { freshToken, token } from './token.js';

const PREFIX = 'tus::'; // under which the package keeps what it has begun
const KEPT_MS = 2 * 86_400_000;

/** How a form that takes large files says where its parts go. */
export class Parts {
    constructor(form) {
        const { parts, uploads, partBytes, what } = form.dataset;
        [this.script, this.to, this.bytes, this.what] = [parts, uploads, Number(partBytes), what];
    }

    areFor(file) {
        return file.size > this.bytes;
    }

    /**
     * @returns {Promise<{name: string, forget: () => void}>} what the form calls it; rejected where it could not be sent, with an error
     *     whose `words` say why, where anybody said
     */
    async send(file, onShare) {
        const { inParts, forget } = await import(this.script);
        const address = await inParts(file, { to: this.to, bytes: this.bytes, what: this.what, token, freshToken, onShare });
        return { name: address.split('/').at(-1), forget: () => forget(address, token) };
    }

    /** @returns {string[]} names of files that this device has begun to send, and not ended */
    begun() {
        const names = [];
        try {
            for (const key of Object.keys(localStorage).filter((one) => one.startsWith(PREFIX))) {
                const { metadata, creationTime } = JSON.parse(localStorage.getItem(key));
                Date.now() - Date.parse(creationTime) > KEPT_MS
                    ? localStorage.removeItem(key)
                    : metadata.what === this.what && names.push(metadata.filename);
            }
        } catch {
            return names;
        }
        return names;
    }
}

// What was done, kept on this device until it has come home: in its database, and once more in its small storage, should one of the two be
// lost.

const FORMAT = 'gentle-pour-journal-1';
const SMALL = 'field-journal';

export const small = {
    read: (key, otherwise = null) => {
        try {
            return JSON.parse(localStorage.getItem(key)) ?? otherwise;
        } catch {
            return otherwise;
        }
    },
    write: (key, value) => {
        try {
            value === null ? localStorage.removeItem(key) : localStorage.setItem(key, JSON.stringify(value));
            return true;
        } catch {
            return false;
        }
    },
};

/** A name for life; also where the page is not secure and the browser makes none. */
export function newKey() {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = (bytes[6] & 0x0f) | 0x40;
    bytes[8] = (bytes[8] & 0x3f) | 0x80;
    const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
    return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
}

function database() {
    return new Promise((resolve) => {
        let asked = null;
        try {
            asked = indexedDB.open('gentle-pour-field', 1);
        } catch {
            resolve(null);
            return;
        }
        asked.onupgradeneeded = () => asked.result.createObjectStore('entries', { keyPath: 'key' });
        asked.onsuccess = () => resolve(asked.result);
        asked.onerror = asked.onblocked = () => resolve(null);
    });
}

const done = (request) =>
    new Promise((resolve) => {
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => resolve(null);
    });

export class Journal extends EventTarget {
    static async open() {
        const journal = new Journal();
        journal.entries = new Map(small.read(SMALL, []).map((entry) => [entry.key, entry]));
        journal.database = await database();
        const there = journal.database ? await done(journal.database.transaction('entries').objectStore('entries').getAll()) : [];
        for (const entry of there ?? []) {
            if (!(journal.entries.get(entry.key)?.changed_ms >= entry.changed_ms)) {
                journal.entries.set(entry.key, entry);
            }
        }
        journal.isKeeping = small.write('field-try', 1) || journal.database !== null;
        small.write('field-try', null);
        // The two are one from here on.
        journal.entries.forEach((entry) => journal.#keep(entry));
        // Another page of this device may write it too.
        addEventListener(
            'storage',
            ({ key }) =>
                key === SMALL &&
                small.read(SMALL, []).forEach((entry) => {
                    if (!(journal.entries.get(entry.key)?.changed_ms >= entry.changed_ms)) {
                        journal.entries.set(entry.key, entry);
                        journal.dispatchEvent(new Event('change'));
                    }
                }),
        );
        return journal;
    }

    /** @returns {boolean} whether it is on the device */
    put(entry) {
        const kept = { ...entry, changed_ms: Date.now() };
        this.entries.set(kept.key, kept);
        const isKept = this.#keep(kept);
        this.dispatchEvent(new Event('change'));
        return isKept;
    }

    #keep(entry) {
        this.database?.transaction('entries', 'readwrite').objectStore('entries').put(entry);
        return small.write(SMALL, [...this.entries.values()]) || this.database !== null;
    }

    get(key) {
        return this.entries.get(key) ?? null;
    }

    all(kind = null) {
        return [...this.entries.values()].filter((entry) => kind === null || entry.kind === kind).sort((a, b) => a.at_ms - b.at_ms);
    }

    /** What has changed since it was last brought home. */
    waiting() {
        return this.all().filter((entry) => !(entry.home_ms >= entry.changed_ms));
    }

    /** @param {string[]} keys @param {number} asOf when they were written: what has changed since has to come again */
    cameHome(keys, asOf) {
        for (const key of keys) {
            const entry = this.entries.get(key);
            if (entry) {
                const kept = { ...entry, home_ms: asOf };
                this.entries.set(key, kept);
                this.#keep(kept);
            }
        }
        this.dispatchEvent(new Event('change'));
    }

    /** As the schema of a journal has it; what says nothing is left out. */
    written(entries = this.waiting()) {
        return JSON.stringify(
            {
                format: FORMAT,
                written_at: new Date().toISOString(),
                entries: entries.map(({ changed_ms, home_ms, ...entry }) => entry),
            },
            (key, value) => (value === null || value === '' ? undefined : value),
        );
    }
}

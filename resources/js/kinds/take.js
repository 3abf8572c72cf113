import '../base.js';
import { startAsks } from '../asks.js';
import QRCode from 'qrcode';

startAsks();

// The address of the file as a code, for a phone on the same network.
for (const shown of document.querySelectorAll('[data-code]')) {
    shown.innerHTML = await QRCode.toString(shown.dataset.code, { type: 'svg', errorCorrectionLevel: 'M', margin: 2 });
}

// What a phone has put behind the address is written where it can be read before it is taken in.
const text = document.getElementById('f-text');
const packed = location.hash.slice(1);
if (text && packed) {
    try {
        const bytes = Uint8Array.from(atob(packed.replace(/-/g, '+').replace(/_/g, '/')), (letter) => letter.charCodeAt(0));
        text.value = await new Response(new Blob([bytes]).stream().pipeThrough(new DecompressionStream('gzip'))).text();
        const count = JSON.parse(text.value).entries.length;
        document.querySelector('[data-brought]').textContent =
            `The address has brought ${count === 1 ? 'one entry' : `${count} entries`}. Press to take ${count === 1 ? 'it' : 'them'} in.`;
        document.querySelector('[data-take-in]').focus();
    } catch {
        document.querySelector('[data-brought]').textContent =
            'What the address has brought cannot be read: bring it home as a file or as text.';
    }
    history.replaceState(null, '', location.pathname);
}

// A large file goes out in parts, by the open protocol for resumable uploads (tus 1.0.0). What has arrived stays: the rest follows when the
// network is back, or when the same file is chosen again on another day. Fetched where a file is large.
import { Upload } from 'tus-js-client';

const WAITS_MS = [0, 1000, 3000, 8000, 20_000];
// A connection over which nothing moves for so long is given up, and another is made.
const STALLED_MS = 45_000;
const MOST_STALLS = 3;
const FOR_A_MOMENT = [0, 409, 419, 423];

/**
 * @param {File} file
 * @param {{to: string, bytes: number, what: string, token: () => string, freshToken: () => Promise<boolean>, onShare: (share: number) =>
 *     void}} how
 * @returns {Promise<string>} the address under which it lies, whole; rejected with an error whose `words` say why not, where anybody said
 */
export function inParts(file, { to, bytes, what, token, freshToken, onShare }) {
    return new Promise((whole, lost) => {
        let [isOld, stalls, watch] = [false, 0, null];
        const ended = (how, value) => {
            clearTimeout(watch);
            how(value);
        };
        const moves = () => {
            clearTimeout(watch);
            watch = setTimeout(async () => {
                await upload.abort();
                stalls += 1;
                stalls < MOST_STALLS ? upload.start() : ended(lost, new Error('Nothing moves any more.'));
            }, STALLED_MS);
        };
        const upload = new Upload(file, {
            endpoint: to,
            chunkSize: bytes,
            retryDelays: WAITS_MS,
            removeFingerprintOnSuccess: true,
            metadata: { filename: file.name, what },
            headers: { Accept: 'application/json' },
            async onBeforeRequest(request) {
                if (isOld) {
                    isOld = false;
                    await freshToken().catch(() => false);
                }
                request.setHeader('X-CSRF-TOKEN', token());
                moves();
            },
            onShouldRetry(error) {
                const status = error.originalResponse?.getStatus() ?? 0;
                isOld = status === 419;
                return navigator.onLine && (FOR_A_MOMENT.includes(status) || (status >= 500 && status !== 507));
            },
            onProgress(sent, all) {
                stalls = 0;
                moves();
                onShare(sent / all);
            },
            onSuccess: () => ended(whole, upload.url),
            onError(error) {
                try {
                    error.words = JSON.parse(error.originalResponse.getBody()).message;
                } catch {
                    error.words = null;
                }
                ended(lost, error);
            },
        });
        upload.findPreviousUploads().then(
            ([last]) => {
                last && upload.resumeFromPreviousUpload(last);
                upload.start();
            },
            () => upload.start(),
        );
    });
}

/** What was read by now is not needed there any more; what is not told so is given up after two days. */
export function forget(address, token) {
    return Upload.terminate(address, { headers: { 'X-CSRF-TOKEN': token() }, retryDelays: null }).catch(() => null);
}

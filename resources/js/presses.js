// A second press within a moment is a trembling hand, not a wish: it does nothing, also where the first one brought another page. What is
// meant to be pressed in quick succession says so with data-rapid. A hand that has pressed elsewhere meanwhile does not tremble.

const MOMENT_MS = 600;
const SAME_SPOT_PX = 30;

const last = () => JSON.parse(sessionStorage.getItem('pressed') ?? 'null');

export function startPresses() {
    const born = Date.now();
    let before = null;
    document.addEventListener(
        'click',
        (event) => {
            const pressed = event.target.closest('button, a[href], input[type=submit]');
            if (pressed?.closest('[data-rapid]') || !event.isTrusted) {
                return;
            }
            const now = Date.now();
            const then = last();
            const sameSpot = then && event.detail > 0 && Math.hypot(event.clientX - then.x, event.clientY - then.y) < SAME_SPOT_PX;
            if (!pressed) {
                if (event.detail > 0 && !sameSpot) {
                    before = null;
                    sessionStorage.removeItem('pressed');
                }
                return;
            }
            const again = then && Math.abs(now - then.at) < MOMENT_MS && (then.at < born ? sameSpot : sameSpot || before === pressed);
            if (again) {
                event.preventDefault();
                event.stopImmediatePropagation();
                return;
            }
            before = pressed;
            sessionStorage.setItem('pressed', JSON.stringify({ at: now, x: event.clientX, y: event.clientY }));
        },
        true,
    );
}

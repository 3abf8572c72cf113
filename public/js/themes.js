// The light of the screen, kept in a cookie so that the server draws the next page in it from the first byte.
const YEAR_S = 31536000;

export function startThemes() {
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-light]');
        if (!button) {
            return;
        }
        document.documentElement.dataset.theme = button.dataset.light;
        document.cookie = `theme=${button.dataset.light};path=/;max-age=${YEAR_S};samesite=lax`;
        for (const other of document.querySelectorAll('[data-light]')) {
            other.setAttribute('aria-pressed', String(other === button));
        }
    });
}

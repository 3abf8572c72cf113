// The light of the screen, kept in a cookie so that the server draws the next page in it from the first byte.
const YEAR_S = 31536000;
const DARK = ['night', 'dim'];

export function startThemes() {
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-light]');
        if (!button) {
            return;
        }
        const { light, paper } = button.dataset;
        document.documentElement.toggleAttribute('data-dim', light === 'dim');
        document.documentElement.dataset.theme = DARK.includes(light) ? 'night' : light;
        document.querySelector('meta[name=color-scheme]').content = DARK.includes(light) ? 'dark' : 'light';
        document.querySelector('meta[name=theme-color]').content = paper;
        document.cookie = `theme=${light};path=/;max-age=${YEAR_S};samesite=lax`;
        for (const other of document.querySelectorAll('[data-light]')) {
            other.setAttribute('aria-pressed', String(other === button));
        }
    });
}

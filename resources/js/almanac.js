// The sentence of the almanac asks as it is edited; its days by keys: one stop for the tab key, and arrows from day to day and week to
// week.

import { Asking } from './asking.js';

const STEPS = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: 7, ArrowUp: -7, PageDown: 30, PageUp: -30, Home: -999, End: 999 };

const days = () => [...document.querySelectorAll('.month-day')];

function rove(to) {
    for (const day of days()) {
        day.setAttribute('tabindex', day === to ? '0' : '-1');
    }
}

const first = () => document.querySelector('.month-day.is-chosen') ?? document.querySelector('.month-day');

export function startAlmanac() {
    if (document.getElementById('almanac-asked')) {
        new Asking('almanac-asked').start();
    }
    document.addEventListener('keydown', (event) => {
        const day = event.target.closest?.('.month-day');
        if (!day || STEPS[event.key] === undefined) {
            return;
        }
        event.preventDefault();
        const all = days();
        const next = all[Math.max(0, Math.min(all.length - 1, all.indexOf(day) + STEPS[event.key]))];
        rove(next);
        next.focus();
    });
    document.addEventListener('htmx:afterSwap', () => rove(first()));
    rove(first());
}

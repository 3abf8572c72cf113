import { startBoard } from './board.js';
import { startBench } from './bench.js';
import { startKeys } from './keys.js';
import { startPreview } from './preview.js';
import { startShoot } from './shoot.js';
import { startThemes } from './themes.js';
import { startWater } from './water.js';

window.Idiomorph.defaults.ignoreActiveValue = true; // a late answer leaves the field alone that is being typed in

startThemes();
startKeys();
startBench();
startBoard();
startPreview();
startShoot();
startWater();

document.addEventListener('click', (event) => event.target.closest('[data-print]') && window.print());

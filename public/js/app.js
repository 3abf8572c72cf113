import { startBoard } from './board.js';
import { startBench } from './bench.js';
import { startKeys } from './keys.js';
import { startShoot } from './shoot.js';
import { startThemes } from './themes.js';

startThemes();
startKeys();
startBench();
startBoard();
startShoot();

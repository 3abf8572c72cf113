import '../base.js';
import { startAlmanac } from '../almanac.js';
import { startAsks } from '../asks.js';
import { startBoard } from '../board.js';
import { startSubject } from '../subject.js';
import { startTicks } from '../ticks.js';
import { startUntil } from '../until.js';

startAlmanac();
startAsks();
startBoard();
startSubject();
startTicks();
startUntil();

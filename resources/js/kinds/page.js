import '../base.js';
import { startAlmanac } from '../almanac.js';
import { startAsks } from '../asks.js';
import { startBoard } from '../board.js';
import { startByPhone } from '../phone.js';
import { startSubject } from '../subject.js';
import { startTicks } from '../ticks.js';
import { startUntil } from '../until.js';

startAlmanac();
startAsks();
startBoard();
startByPhone();
startSubject();
startTicks();
startUntil();

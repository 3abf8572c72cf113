import '../base.js';
import { startAlmanac } from '../almanac.js';
import { startAround } from '../around.js';
import { startAsks } from '../asks.js';
import { startBoard } from '../board.js';
import { startSubject } from '../subject.js';
import { startUntil } from '../until.js';

startAlmanac();
startAround();
startAsks();
startBoard();
startSubject();
startUntil();

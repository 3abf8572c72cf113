import '../base.js';
import { startAsks } from '../asks.js';
import { startBoard } from '../board.js';
import { startSubject } from '../subject.js';

startAsks();
startBoard();
startSubject();

import '../base.js';
import { startAsks } from '../asks.js';
import { startBoard } from '../board.js';

startAsks();
startBoard();

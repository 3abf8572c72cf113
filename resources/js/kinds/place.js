import '../base.js';
import { startAround } from '../around.js';
import { startAsks } from '../asks.js';
import { startBoard } from '../board.js';
import { startByPhone } from '../phone.js';

startAround();
startAsks();
startBoard();
startByPhone();

import '../base.js';
import { startAsks } from '../asks.js';
import { startShoot } from '../shoot.js';

startAsks();
startShoot();

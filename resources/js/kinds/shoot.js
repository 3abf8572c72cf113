import '../base.js';
import { startShoot } from '../shoot.js';

startShoot();

export { Countdown } from '../countdown.js'; // for whoever compares it with the core

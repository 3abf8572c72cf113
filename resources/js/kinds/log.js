import '../base.js';
import { startAsks } from '../asks.js';
import { startAreas } from '../log/areas.js';
import { startLaid } from '../log/laid.js';
import { startSheet } from '../log/sheet.js';
import { startTaking } from '../log/taking.js';
import { startShoot } from '../shoot.js';

startAsks();
startTaking();
startAreas();
startSheet();
startLaid();
startShoot();

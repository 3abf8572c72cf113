import '../base.js';
import { startBring } from '../bring.js';

startBring();

import '../base.js';
import { startWater } from '../water.js';

startWater();

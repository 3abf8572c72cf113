import '../base.js';
import { startAsks } from '../asks.js';
import { startBench } from '../bench.js';
import { startPreview } from '../preview.js';

startAsks();
startBench();
startPreview();

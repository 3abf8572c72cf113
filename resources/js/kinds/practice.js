import '../base.js';
import { startPractice } from '../practice.js';
import { startPreview } from '../preview.js';

startPreview();
startPractice();

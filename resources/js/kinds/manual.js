import '../base.js';
import { startPreview } from '../preview.js';

startPreview();

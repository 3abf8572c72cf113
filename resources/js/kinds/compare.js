import '../base.js';
import { startPreview } from '../preview.js';

startPreview();

export { Scene } from '../scene.js'; // for whoever measures it

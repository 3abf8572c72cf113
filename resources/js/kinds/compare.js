import '../base.js';
import { showAgain, startPreview } from '../preview.js';
import { startZoom } from '../zoom.js';

startPreview();
startZoom(showAgain);

export { Scene } from '../scene.js'; // for whoever measures it

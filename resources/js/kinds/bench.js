import '../base.js';
import { startAsks } from '../asks.js';
import { Idiomorph } from 'idiomorph/dist/idiomorph-ext.esm.js';
import { startBench } from '../bench.js';
import { startPreview } from '../preview.js';

// A late answer leaves the field alone that is being typed in, and every section as open as the person has it.
Idiomorph.defaults.ignoreActiveValue = true;
Idiomorph.defaults.callbacks.beforeAttributeUpdated = (name, node) => !(name === 'open' && node.tagName === 'DETAILS');

startAsks();
startBench();
startPreview();

import '../base.js';

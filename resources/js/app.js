import htmx from 'htmx.org';
import './hand.js';
import './keys.js';
import './sending.js';
import './slide.js';
import './stack.js';

window.htmx = htmx;

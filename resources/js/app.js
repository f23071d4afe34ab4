import htmx from 'htmx.org';
import './count.js';
import './hand.js';
import './keys.js';
import './qr.js';
import './sending.js';
import './slide.js';
import './stack.js';

window.htmx = htmx;

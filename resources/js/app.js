import htmx from 'htmx.org';
import './keys.js';

window.htmx = htmx;

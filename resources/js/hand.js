/*
 * Where the hand is: a page that has come up has the focus at its work, so that the Tab key reaches that first; or at
 * the field that was refused. What a page is opened for with autofocus goes before it.
 */

const begin = () => {
    if (document.activeElement !== document.body || document.querySelector('main [autofocus]') !== null) {
        return;
    }
    const refused = document.querySelector('main [aria-invalid="true"]');
    refused === null ? document.querySelector('[data-hand]')?.focus({ preventScroll: true }) : refused.focus();
};

document.addEventListener('DOMContentLoaded', begin);
document.addEventListener('htmx:afterSettle', (event) => event.detail.elt === document.body && begin());

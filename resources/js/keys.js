/*
 * A key that stands in data-key clicks its element, unless a person is typing. What stands in the work goes before what
 * stands around it: at a question the number keys are its answers, elsewhere the places of the job.
 */

/* In a field for a figure that is still empty a letter is a key, a digit is the figure's. */
const isTyping = (element, key = '0') => element.closest('input, textarea, select, [contenteditable]') !== null
    && !(element.matches('input[inputmode=decimal]') && element.value === '' && /^[a-z?]$/.test(key));

const isThere = (element) => element.getClientRects().length > 0;

const pressedBy = (key) => {
    const all = [...document.querySelectorAll(`[data-key="${CSS.escape(key)}"]`)].filter(isThere);

    return all.find((element) => element.closest('main') !== null) ?? all[0];
};

const nameOf = (element) => {
    const named = element.getAttribute('aria-label') ?? element.title;
    const words = (element.labels?.[0] ?? element).cloneNode(true);
    words.querySelectorAll('kbd, svg, [aria-hidden]').forEach((part) => part.remove());

    return (words.textContent.trim() || named || '').replace(/\s+/g, ' ');
};

/* Which keys there are on this page, each once: the one it would press. */
const showKeys = (dialog) => {
    const keys = [...new Set([...document.querySelectorAll('[data-key]')].filter(isThere).map((element) => element.dataset.key))];
    dialog.querySelector('tbody').replaceChildren(...keys.map((key) => {
        const row = document.createElement('tr');
        const [of, does] = [document.createElement('td'), document.createElement('td')];
        const kbd = document.createElement('kbd');
        kbd.textContent = { ArrowRight: '→', ArrowLeft: '←' }[key] ?? key;
        of.append(kbd);
        does.textContent = nameOf(pressedBy(key));
        row.append(of, does);

        return row;
    }));
    dialog.showModal();
};

document.addEventListener('click', (event) => {
    const button = event.target.closest('[data-shows-keys]');
    button === null || showKeys(document.getElementById('keys'));
});

document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target, event.key) || document.querySelector('dialog[open]') !== null) {
        return;
    }
    const target = pressedBy(event.key);
    if (target !== undefined) {
        event.preventDefault();
        target.matches('input') ? target.focus() : target.click();
    }
});

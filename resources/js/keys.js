/* A key that stands in data-key clicks its element, unless a person is typing. */

const isTyping = (element) => element.closest('input, textarea, select, [contenteditable]') !== null;

document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) {
        return;
    }
    const target = document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
    if (target !== null) {
        event.preventDefault();
        target.matches('input') ? target.focus() : target.click();
    }
});

/*
 * Counting with one hand: one more or one less of what is on the shelf, in the field that stands in the page anyway.
 */

document.addEventListener('click', (event) => {
    const step = event.target.closest?.('[data-step]');
    const field = step && document.getElementById(step.dataset.of);
    if (field) {
        field.value = Math.max(0, (Number.parseInt(field.value, 10) || 0) + Number(step.dataset.step));
        field.closest('.count-row').classList.toggle('is-counted', field.value !== field.defaultValue);
    }
});

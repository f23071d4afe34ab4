/*
 * A battery dragged along its tube, or moved with arrow keys while it has the focus.
 * It fills in the field and presses the buttons that stand in the page anyway; the server decides what becomes of it.
 */

const form = () => document.querySelector('#set-battery');

let held = null;

document.addEventListener('pointerdown', (event) => {
    const pack = event.target.closest?.('.pack-slides');
    if (pack) {
        held = { pack, x: event.clientX, y: event.clientY, mm: 0 };
        event.preventDefault();
    }
});

document.addEventListener('pointermove', (event) => {
    if (held === null) {
        return;
    }
    const { at, from, to, right, down } = held.pack.dataset;
    const svg = held.pack.ownerSVGElement;
    const units = svg.viewBox.baseVal.width / svg.getBoundingClientRect().width;
    const [dx, dy] = [(event.clientX - held.x) * units, (event.clientY - held.y) * units];
    const along = (dx * right + dy * down) / (right * right + down * down);
    held.mm = Math.min(Math.max(Number(at) + along, Number(from)), Number(to)) - Number(at);
    held.pack.setAttribute('transform', `translate(${held.mm * right} ${held.mm * down})`);
});

document.addEventListener('pointerup', () => {
    const moved = held;
    held = null;
    if (moved !== null && Math.abs(moved.mm) >= 0.5) {
        form().elements.at.value = `${(Number(moved.pack.dataset.at) + moved.mm).toFixed(1)} mm`;
        form().querySelector('#keep-at').click();
    }
});

const KEYS = { ArrowRight: 'forward', ArrowUp: 'forward', ArrowLeft: 'back', ArrowDown: 'back' };

document.addEventListener('keydown', (event) => {
    const does = event.target.closest?.('.pack-slides') ? KEYS[event.key] : undefined;
    if (does !== undefined && !event.ctrlKey && !event.metaKey && !event.altKey) {
        event.preventDefault();
        form().querySelector(`[data-does="${does}"]`).click();
    }
});

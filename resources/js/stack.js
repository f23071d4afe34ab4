/*
 * Hands on the stack: pieces are dragged in the section, or worked with keys while they have the focus.
 * Every move presses a button that stands in the page anyway; the server decides what becomes of it.
 */

const menuOf = (place, piece) => document.querySelector(`#place-${CSS.escape(place)} [data-piece="${CSS.escape(piece)}"]`);
const press = (button) => button?.click();

const KEYS = { Delete: 'drop', Backspace: 'drop', ArrowUp: 'thicker', ArrowDown: 'thinner' };

document.addEventListener('keydown', (event) => {
    const menu = event.target.closest?.('summary.piece')?.closest('.piece-menu');
    if (!menu || event.ctrlKey || event.metaKey || event.altKey) {
        return;
    }
    const moves = [...menu.querySelectorAll('[data-does="move"]')];
    const button = event.key === 'ArrowRight' ? neighbour(menu, moves, 1)
        : event.key === 'ArrowLeft' ? neighbour(menu, moves, -1)
            : menu.querySelector(`[data-does="${KEYS[event.key] ?? ''}"]`);
    if (button) {
        event.preventDefault();
        press(button);
    }
});

/* The button that moves a piece to the place after or before its own. */
function neighbour(menu, moves, step) {
    const places = [...document.querySelectorAll('.place-row')].map((row) => row.dataset.place);
    const own = menu.closest('.place-row').dataset.place;
    const to = places[places.indexOf(own) + step];
    return moves.find((button) => button.dataset.to === to);
}

let held = null;

document.addEventListener('pointerdown', (event) => {
    const piece = event.target.closest?.('svg .movable');
    const chip = event.target.closest?.('.piece-add');
    if (piece !== null && piece !== undefined) {
        held = { piece, startX: event.clientX, startY: event.clientY, place: piece.dataset.place, index: piece.dataset.piece };
    } else if (chip) {
        held = { chip, startX: event.clientX, startY: event.clientY };
    }
});

document.addEventListener('pointermove', (event) => {
    if (held === null) {
        return;
    }
    const far = Math.hypot(event.clientX - held.startX, event.clientY - held.startY) > 6;
    held.moved = held.moved || far;
    if (held.moved) {
        document.body.classList.add('carrying');
        const svg = held.piece?.ownerSVGElement;
        const scale = svg ? svg.viewBox.baseVal.width / svg.getBoundingClientRect().width : 1;
        held.piece?.setAttribute('transform', `translate(${(event.clientX - held.startX) * scale} ${(event.clientY - held.startY) * scale})`);
        mark(berthAt(event));
    }
});

document.addEventListener('pointerup', (event) => {
    const carried = held;
    held = null;
    document.body.classList.remove('carrying');
    mark(null);
    if (carried === null || !carried.moved) {
        if (carried?.piece) {
            menuOf(carried.place, carried.index)?.querySelector('summary').focus();
        }
        return;
    }
    carried.piece?.removeAttribute('transform');
    const berth = berthAt(event);
    carried.piece ? putDown(carried, berth) : putIn(carried.chip, berth);
});

function putDown(carried, berth) {
    const menu = menuOf(carried.place, carried.index);
    if (berth === null) {
        press(menu?.querySelector('[data-does="drop"]'));
    } else if (berth.dataset.berth !== carried.place) {
        press(menu?.querySelector(`[data-does="move"][data-to="${CSS.escape(berth.dataset.berth)}"]`));
    }
}

function putIn(chip, berth) {
    if (berth === null) {
        return;
    }
    const row = document.querySelector(`#place-${CSS.escape(berth.dataset.berth)}`);
    const same = [...row.querySelectorAll('.piece-add')].find((other) => other.dataset.mm === chip.dataset.mm);
    press(same);
}

/* The place under the pointer, or the nearest one a finger's width away. */
function berthAt(event) {
    const near = [...document.querySelectorAll('svg [data-berth]')]
        .map((berth) => ({ berth, far: distance(berth.getBoundingClientRect(), event) }))
        .filter(({ far }) => far.outside <= 18)
        .sort((a, b) => a.far.outside - b.far.outside || a.far.middle - b.far.middle);
    return near[0]?.berth ?? null;
}

function distance(box, event) {
    const dx = Math.max(box.left - event.clientX, 0, event.clientX - box.right);
    const dy = Math.max(box.top - event.clientY, 0, event.clientY - box.bottom);
    return { outside: Math.hypot(dx, dy), middle: Math.hypot(event.clientX - (box.left + box.right) / 2, event.clientY - (box.top + box.bottom) / 2) };
}

function mark(berth) {
    document.querySelectorAll('svg .berth.over').forEach((other) => other.classList.toggle('over', other === berth));
    berth?.classList.add('over');
}

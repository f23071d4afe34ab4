/*
 * A square code where a label asks for one, drawn as vectors so that it prints sharp. The library comes only with a page that has a label.
 */

const QUIET = 2;

const draw = (label, make) => {
    const code = make(0, 'M');
    code.addData(label.dataset.qr);
    code.make();
    const size = code.getModuleCount();
    const squares = [...Array(size * size).keys()].map((i) => [i % size, Math.floor(i / size)]).filter(([x, y]) => code.isDark(y, x));
    const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    svg.setAttribute('viewBox', `${-QUIET} ${-QUIET} ${size + 2 * QUIET} ${size + 2 * QUIET}`);
    svg.setAttribute('role', 'img');
    svg.setAttribute('aria-label', `Opens ${label.dataset.qr}`);
    const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
    path.setAttribute('d', squares.map(([x, y]) => `M${x} ${y}h1v1h-1z`).join(''));
    svg.append(path);
    label.replaceChildren(svg);
};

const drawAll = async () => {
    const labels = document.querySelectorAll('[data-qr]:empty');
    if (labels.length > 0) {
        const { default: make } = await import('qrcode-generator');
        labels.forEach((label) => draw(label, make));
    }
};

document.addEventListener('DOMContentLoaded', drawAll);
document.addEventListener('htmx:afterSettle', drawAll);

<?php

declare(strict_types=1);

use Tests\Support\Demo;
use Tests\Support\Site;
use Tests\Support\Views;

/** What can be pressed, chosen or typed in, and that a hand or a key may want. */
const CONTROLS = <<<'JS'
    const named = (e) => `${e.tagName.toLowerCase()} ${(e.getAttribute('aria-label') || e.textContent || e.name || e.id || '').trim().replace(/\s+/g, ' ').slice(0, 50)}`;
    const controls = [...document.querySelectorAll('a[href], button, input:not([type=hidden]), select, textarea, summary')].filter((e) => !e.matches(':disabled')
        && e.checkVisibility({visibilityProperty: true, opacityProperty: true}) && e.getClientRects().length > 0 && e.closest('[aria-hidden=true]') === null && !e.matches('button[tabindex="-1"]'));
    JS;

/** With the pointer: scrolled to, nothing else lies over it. What stands over every page is looked at once. */
const OUT_OF_REACH = CONTROLS.<<<'JS'
    const isHit = (e, hit) => hit !== null && (e.contains(hit) || hit.contains(e) || hit.closest('label')?.control === e);
    // What is drawn has gaps: there any point of it counts, elsewhere the middle.
    const points = (e) => e instanceof SVGElement ? [...Array(81)].map((_, i) => [(i % 9 + .5) / 9, (Math.floor(i / 9) + .5) / 9]) : [[.5, .5]];
    const isUnder = (e) => [...e.getClientRects()].every((box) => points(e).every(([x, y]) => !isHit(e, document.elementFromPoint(box.left + box.width * x, box.top + box.height * y))));
    const isSeen = (e) => { const box = e.getBoundingClientRect(); return box.top >= 0 && box.bottom <= innerHeight && box.left >= 0 && box.right <= innerWidth; };
    const wanted = controls.filter((e) => !e.closest('.visually-hidden, .skip') && (arguments[0] || e.closest('main') !== null));
    return wanted.filter((e) => {
        if (isSeen(e) && !isUnder(e)) return false;
        e.scrollIntoView({block: 'center', inline: 'center', behavior: 'instant'});
        return isUnder(e);
    }).map(named);
    JS;

/** Notes what gets the focus from here on, and how many keys it takes at the most to go round. */
const NOTE_FOCUS = CONTROLS.<<<'JS'
    window.met = new Set();
    addEventListener('focusin', (event) => window.met.add(event.target));
    document.activeElement?.blur();
    const parts = document.querySelectorAll('input[type=date], input[type=time], input[type=file]').length * 4;
    return document.querySelectorAll('a[href], button, input:not([type=hidden]), select, textarea, summary, [tabindex="0"]').length + parts + 8;
    JS;

/** Of several to choose from by one name the Tab key meets one, and the arrow keys the others. */
const NOT_MET = CONTROLS.<<<'JS'
    const isMet = (e) => window.met.has(e) || (e.type === 'radio' && [...window.met].some((one) => one.type === 'radio' && one.name === e.name && one.form === e.form));
    return controls.filter((e) => !isMet(e)).map(named);
    JS;

it('lets everything on every view be reached, by pointer at three widths and by the Tab key alone', function (): void {
    Demo::week();
    $site = Site::open()->signIn('maren@tollgate.example', 'bench-demo');
    $found = [];
    foreach (Views::all() as $view) {
        $site->chrome->size(1280, 800);
        $site->visit($view);
        $most = $site->driver()->executeScript(NOTE_FOCUS);
        $site->chrome->tabs(is_numeric($most) ? (int) $most : 0);
        $found["by keys {$view}"] = (array) $site->driver()->executeScript(NOT_MET);
        foreach ([1280, 800, 390] as $width) {
            $site->chrome->size($width, 800);
            $found["by pointer at {$width} {$view}"] = (array) $site->driver()->executeScript(OUT_OF_REACH, [$view === '/']);
        }
    }

    expect(array_filter($found))->toBe([]);
});

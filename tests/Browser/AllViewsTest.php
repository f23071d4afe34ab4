<?php

declare(strict_types=1);

use Tests\Support\Demo;
use Tests\Support\Site;
use Tests\Support\Views;

/** Words in drawings are read at arm's length: what is drawn below 12 px is named, with its size. */
const SMALL_TYPE = <<<'JS'
    const size = (text) => parseFloat(getComputedStyle(text).fontSize) * Math.hypot(text.getScreenCTM()?.a ?? 1, text.getScreenCTM()?.b ?? 0);
    return [...document.querySelectorAll('svg text')].filter((text) => size(text) < 11.95).map((text) => `${size(text).toFixed(1)} px: ${text.textContent.trim()}`);
    JS;

const TOO_WIDE = <<<'JS'
    const root = document.documentElement, edge = (e) => e.getBoundingClientRect().right;
    const spilt = [...document.querySelectorAll('.panel table')].filter((e) => edge(e) > edge(e.closest('.panel')) + 1 && !e.parentElement.matches('[class*=scroll]'));
    const raw = /@(if|else|endif|foreach|endforeach|php|verdict)\b/.exec(document.body.innerText);
    return [...(root.scrollWidth > root.clientWidth || spilt.length > 0 ? ['wider than the window or its panel'] : []), ...(raw ? [`says ${raw[0]}`] : [])];
    JS;

/** On a telephone nothing scrolls sideways, a job's head leaves room for the work, and every target is as large as a thumb. */
const FOR_A_THUMB = <<<'JS'
    const root = document.documentElement, head = document.querySelector('.job-head')?.getBoundingClientRect().height ?? 0;
    const targets = 'button, .btn, select, summary, label.pick, label.btn, input:not([type=hidden], [type=checkbox], [type=radio], [type=range])';
    const isThere = (e) => e.getClientRects().length > 0 && !e.closest('.visually-hidden') && !(e.tagName === 'BUTTON' && e.tabIndex < 0);
    const small = [...document.querySelectorAll('main')].flatMap((main) => [...main.querySelectorAll(targets)]).filter((e) => isThere(e) && e.getBoundingClientRect().height < 43.5);
    return [
        ...(root.scrollWidth > root.clientWidth ? ['scrolls sideways'] : []), ...(head > 120 ? [`a head of ${head} px`] : []),
        ...small.map((e) => `${Math.round(e.getBoundingClientRect().height)} px: ${(e.textContent || e.name).trim().slice(0, 40)}`),
    ];
    JS;

it('finds nothing serious, no error and no stranger on any view, bright and dark, wide and narrow', function (): void {
    Demo::week();
    $views = Views::all();
    $site = Site::open();
    $site->chrome->inEveryPage((string) file_get_contents(base_path('node_modules/axe-core/axe.min.js')));
    $found = ['/sign-in' => $site->visit('/sign-in')->seriousFaults()];
    $site->signIn('maren@tollgate.example', 'bench-demo');

    foreach ($views as $view) {
        $site->chrome->size(1280, 800);
        $found["bright {$view}"] = [...$site->visit($view)->seriousFaults(), ...(array) $site->driver()->executeScript(TOO_WIDE)];
        if ($view !== '/mounts' && ! str_ends_with($view, '/print')) {
            array_push($found["bright {$view}"], ...(array) $site->driver()->executeScript(SMALL_TYPE));
        }
        $site->chrome->size(800, 1000);
        $site->driver()->executeScript('document.documentElement.dataset.bsTheme = "dark"');
        $found["dark {$view}"] = [...$site->seriousFaults(), ...(array) $site->driver()->executeScript(TOO_WIDE)];
        if (! in_array($view, ['/mounts', '/family'], true) && ! str_ends_with($view, '/print')) {
            $site->chrome->size(390, 844);
            $found["on a telephone {$view}"] = (array) $site->driver()->executeScript(FOR_A_THUMB);
        }
    }

    expect(array_filter($found))->toBe([])
        ->and(array_values(array_filter($site->consoleErrors(), fn (string $line) => ! str_contains($line, '/jobs/999999/'))))->toBe([])
        ->and($site->strangeRequests())->toBe([]);
});

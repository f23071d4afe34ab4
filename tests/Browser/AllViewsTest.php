<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Motor;
use App\Models\Run;
use Database\Seeders\DemoSeeder;
use Tests\Support\Site;

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
    $this->seed(DemoSeeder::class);
    $id = fn (int $number) => Job::query()->where('number', $number)->value('id');
    $views = [
        '/', '/?find=zebra', '/jobs/new', '/drawer', '/catalogue', '/parts', '/calendar', '/calendar/hours', '/calendar?change=250', '/account', '/logbook', '/people', '/family', '/jobs/999999/stack',
        "/jobs/{$id(242)}/survey?spot=shell_width", "/jobs/{$id(254)}/survey", "/jobs/{$id(245)}/survey?spot=drive_cup_loosens",
        "/jobs/{$id(242)}/survey?spot=guide_depth", "/jobs/{$id(252)}/survey", "/jobs/{$id(242)}/condition?subject=pads", "/jobs/{$id(251)}/condition?subject=frame", "/jobs/{$id(248)}/insert/".Motor::query()->where('code', 'otter-73')->value('id'),
        "/jobs/{$id(247)}/strip", "/jobs/{$id(243)}/match", "/jobs/{$id(254)}/match",
        '/mounts', '/drawer/missing', "/jobs/{$id(247)}/match", "/jobs/{$id(242)}/match?compare[]=heron-73&compare[]=bittern-83", "/jobs/{$id(255)}/stack?detail=left", "/jobs/{$id(256)}/stack",
        "/jobs/{$id(248)}/stack/ways", "/jobs/{$id(244)}/stack/order", "/jobs/{$id(242)}/stack/rest", "/jobs/{$id(249)}/stack/rest", "/jobs/{$id(242)}/sleeve/".Motor::query()->where('code', 'heron-68')->value('id'), "/jobs/{$id(256)}/survey?spot=pinion_to_face",
        "/jobs/{$id(242)}/stack", "/jobs/{$id(244)}/stack", "/jobs/{$id(246)}/stack", "/jobs/{$id(248)}/stack",
        "/jobs/{$id(242)}/line", "/jobs/{$id(242)}/line?compare[]=deep-40&compare[]=half-36", "/jobs/{$id(242)}/line/gears?with=half-36", "/jobs/{$id(241)}/line/hills", "/jobs/{$id(249)}/line", "/jobs/{$id(256)}/line", "/jobs/{$id(242)}/route", "/jobs/{$id(250)}/route", "/jobs/{$id(249)}/route?run=".Run::query()->where('job_id', $id(249))->value('id').'&place=boom-end', "/jobs/{$id(242)}/box", "/jobs/{$id(242)}/build?step=pedals", "/jobs/{$id(256)}/survey?region=first-chain", "/jobs/{$id(244)}/survey?region=stay", "/jobs/{$id(250)}/survey", "/jobs/{$id(242)}/build", "/jobs/{$id(242)}/build/print",
        "/jobs/{$id(241)}/route?near=shell", "/jobs/{$id(241)}/route?plug=".Run::query()->where('job_id', $id(241))->value('id'), "/jobs/{$id(241)}/route/cockpit", "/jobs/{$id(241)}/route/sensors", "/jobs/{$id(241)}/route/battery", "/jobs/{$id(249)}/route/battery",
        "/jobs/{$id(241)}/prove", '/house', "/jobs/{$id(241)}/build/house", "/jobs/{$id(241)}/prove/settings", "/jobs/{$id(241)}/prove/hand-over", "/jobs/{$id(257)}/prove/hand-over", "/jobs/{$id(257)}/prove/come-back", "/logbook?like={$id(242)}",
    ];
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

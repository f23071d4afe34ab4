<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\StepRecord;
use Facebook\WebDriver\WebDriverBy;
use NeatSpindle\Core\Bike\BikeKind;
use NeatSpindle\Core\Survey\SurveyPlan;
use Tests\Support\Site;
use Tests\Support\Workshops;

afterAll(fn () => Site::close());

it('goes from sign-in to the printed sheet as a new user would', function (): void {
    $person = Workshops::stocked();
    $person->workshop->leads()->create(['connector' => 'eight', 'length_mm' => 200, 'quantity' => 2]);
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD);

    $site->press('Take a bike in')
        ->type('customer', 'Petra Vosslow')->type('bike', 'Slate hardtail')->choose('frame_material', 'aluminium')
        ->press('Start measuring');
    $job = Job::query()->sole();

    // Survey: spot after spot by the Next button, typing what the instruments show.
    $typed = [...Workshops::READINGS, 'chain_twelve' => '306,4', 'seat_tube' => '17 3/4 in', 'top_tube' => '605'];
    $spots = SurveyPlan::for(BikeKind::Diamond);
    $site->visit("/jobs/{$job->id}/survey?spot={$spots[0]->value}");
    foreach ($spots as $spot) {
        $code = $spot->value;
        if ($spot->kind()->isMeasured()) {
            $site->type('typed', $typed[$code] ?? '')->press('Keep');
        } elseif ($spot->choices() !== []) {
            $site->press($spot->choices()[Workshops::ANSWERS[$code] ?? ''] ?? '');
        } elseif (isset(Workshops::ANSWERS[$code])) {
            $site->type('value', Workshops::ANSWERS[$code])->press('Keep');
        }
        if ($spot !== end($spots)) {
            $site->click('a[data-key="ArrowRight"]');
        }
    }
    expect($site->text())->toContain('BSA thread nominal 73.00 mm');

    // Strip: one step after the other.
    $site->press('Strip');
    expect($site->text('.turn, .step-now'))->toContain('Power off');
    while ($site->has('button[name="state"][value="done"]')) {
        $site->click('button[name="state"][value="done"]');
    }
    expect($site->text())->toContain('12 of 12 done');

    // Match: the first that goes; then a ring.
    $site->press('Match');
    $site->click('button[aria-label="Choose Heron, 73 sleeve"]');
    $site->press('40 teeth, dish 6.20 mm');

    $sheet = OpenJob::of(Workshops::fresh($job))->worksheet() ?? throw new LogicException('no worksheet');
    $stack = $sheet->stack;

    $site->press('Stack');
    foreach ($stack->margins as $margin) {
        expect($site->text("details[data-margin='{$margin->name->value}'] summary"))
            ->toContain(number_format($margin->value, 2).' mm')
            ->toContain(number_format($margin->limit, 2).' mm')
            ->toContain(ucfirst($margin->verdict->value));
    }
    expect($site->text('#place-drive'))->toContain(number_format($stack->needed['drive'], 2).' mm');

    $site->press('Line');
    expect($site->text('[data-figure="front"]'))->toBe(number_format($sheet->chainline->front ?? 0, 2).' mm')
        ->and($site->text('[data-figure="links"]'))->toBe("{$sheet->chain->links} links");
    foreach ($sheet->chainline->cogs ?? [] as $cog) {
        expect($site->text())->toContain(number_format(round($cog->angle, 2), 2).'°');
    }

    $site->press('Route');
    foreach (OpenJob::of(Workshops::fresh($job))->routePlan()->routes ?? [] as $i => $route) {
        expect($site->text("[data-run='{$i}']"))->toContain(round($route->needed ?? 0).' mm')->toContain(implode(' → ', $route->path ?? []));
    }

    // What the body rests on, without which nothing is made fast.
    $site->visit("/jobs/{$job->id}/stack/rest");
    $site->driver()->findElement(WebDriverBy::cssSelector('input[name="rest"][value="frame"]'))->click();
    $site->type('rest-radius', '120')->click('#keep-rest');

    // Build: every step, giving a torque where one is asked for.
    $site->press('Build');
    while ($site->has('button[name="state"][value="done"]')) {
        if ($site->has('#torque')) {
            $site->type('torque', '44');
        }
        $site->click('button[name="state"][value="done"]');
    }
    $steps = OpenJob::of(Workshops::fresh($job))->buildSheet()->steps ?? [];
    expect($site->text())->toContain(count($steps).' of '.count($steps).' done')
        ->and(StepRecord::query()->where('sheet', 'build')->count())->toBe(count($steps));

    $site->press('Sheet for paper');
    expect($site->text('tr[data-step="nut-torque"]'))->toContain('42.0 to 50.0 N·m')->toContain('44.0 N·m')->toContain('☒')
        ->and($site->text('tr[data-step="chain"]'))->toContain("{$sheet->chain->links} links");

    $site->visit('/');
    expect($site->text())->toContain('Waiting for a ride')
        ->and($site->consoleErrors())->toBe([])
        ->and($site->strangeRequests())->toBe([]);
});

it('says at the field what is wrong, and keeps what was typed', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::job($person);
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/survey?spot=shell_width");
    $site->type('typed', '7')->choose('instrument', 'rule')->press('Keep');

    expect($site->text('#typed-fault'))->toContain('7.00 mm cannot be')
        ->and($site->driver()->executeScript('return [typed.value, instrument.value, document.activeElement.id]'))->toBe(['7', 'rule', 'typed']);
});

<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\StepRecord;
use NeatSpindle\Core\Fitting\Route\PlaceName;
use NeatSpindle\Core\Sums\Margin\Verdict;
use Tests\Support\Journey;
use Tests\Support\Paper;
use Tests\Support\Workshops;

it('leads a newcomer from taking a plain hardtail in to a clear stack, and from there to the printed sheet', function (): void {
    $person = Workshops::stocked();
    $person->workshop->leads()->create(['connector' => 'eight', 'length_mm' => 200, 'quantity' => 2]);
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);

    $journey = Journey::of($site, Workshops::READINGS + Workshops::ANSWERS)->takeIn('diamond', 'aluminium', 'Slate hardtail');
    $job = Job::query()->sole();
    $journey->survey()->strip()->survey();
    expect($site->text('#arrived'))->toContain('choose a motor');
    $journey->click('button[data-key="n"]');
    expect(OpenJob::of(Workshops::fresh($job))->worksheet()?->stack->verdict)->toBe(Verdict::Clear)
        ->and($journey->asked[0])->toBe('crank_kind')
        ->and($journey->readings)->toBeLessThanOrEqual(12)
        ->and($journey->presses)->toBeLessThanOrEqual(30);
    fwrite(STDERR, "A plain hardtail to a clear stack: {$journey->readings} readings, {$journey->presses} presses\n");

    $sheet = OpenJob::of(Workshops::fresh($job))->worksheet() ?? throw new LogicException('no worksheet');
    $stack = $sheet->stack;

    $site->press('Next: the stack');
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

    // What leads need was not asked before.
    $site->visit("/jobs/{$job->id}/survey");
    $journey->survey();
    $site->press('Route');
    foreach (OpenJob::of(Workshops::fresh($job))->routePlan()->routes ?? [] as $i => $route) {
        expect($site->text("[data-run='{$i}']"))->toContain(round($route->needed ?? 0).' mm')
            ->toContain(PlaceName::way($route->path ?? []));
    }

    // What the body rests on, without which nothing is made fast; then every step, with its torque or the band on its paper.
    $journey->rest('frame')->build(triesWrongOrders: false);
    $steps = OpenJob::of(Workshops::fresh($job))->buildSheet()->steps ?? [];
    expect($site->text())->toContain(count($steps).' of '.count($steps).' done')
        ->and(StepRecord::query()->where('sheet', 'build')->count())->toBe(count($steps));

    $site->press('Sheet for paper');
    expect($site->text('tr[data-step="nut-torque"]'))->toContain('42.0 to 50.0 N·m')->toContain('46.0 N·m')->toContain('☒')
        ->and($site->text('tr[data-step="chain"]'))->toContain("{$sheet->chain->links} links");

    $site->visit('/');
    expect($site->text())->toContain('Prove: Crank and wheel turn free by hand');
});

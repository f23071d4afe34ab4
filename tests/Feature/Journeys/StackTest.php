<?php

declare(strict_types=1);

use App\Models\Job;
use Tests\Support\Demo;
use Tests\Support\Journey;
use Tests\Support\Paper;
use Tests\Support\Workshops;

it('leads a new user of a fat bike from the sleeve that fails to the longer one, with a spacer outside the plate', function (): void {
    Demo::week();
    $job = Job::query()->where('number', 244)->sole();
    $site = Paper::open()->signIn('dov@tollgate.example', 'bench-demo');

    $site->press('Rust fat bike')->click('nav.axis-nav a[data-key="4"]');
    expect($site->text('.verdict-line'))->toContain('Fails')->toContain('short of its limit');
    $site->press('Match');
    expect($site->text('tr[data-motor="heron-100"]'))->toContain('Chosen')->toContain('Fails');
    $going = $site->text('.match tbody');
    expect($going)->toContain('Goes')->toContain('Stoat, 120 heavy');
    $site->click('[aria-label^="Choose Stoat, 120 heavy"]');
    $site->press('Stack');

    expect($site->text('.verdict-line'))->not->toContain('Fails')
        ->and(Workshops::stack($job)->spacers['nut']->pieces ?? [])->not->toBe([])
        ->and($site->text('#place-nut'))->toContain((string) (Workshops::stack($job)->spacers['nut']->pieces[0] ?? ''));
});

it('puts a yoke motor on a narrow shell and fills its slot', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::measured($person, ['shell_width' => '68.02 68.04', 'guide_depth' => '1.2'] + Workshops::READINGS);
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/match");
    $site->click('[aria-label^="Choose Bittern, 83 body"]');
    $site->click('form[action$="/ring"] button[value="'.$person->workshop->rings()->where('code', 'half-36')->value('id').'"]');
    $site->press('Stack');

    $stack = Workshops::stack($job);
    expect($stack->mount->code())->toBe('yoke')->and($stack->verdict->value)->toBe('clear');
    foreach (['slot_inner', 'slot_outer', 'plate', 'crank'] as $place) {
        expect($site->text("#place-{$place}"))->toContain(number_format($stack->needed[$place], 2).' mm')
            ->and($site->has("svg [data-place='{$place}']"))->toBeTrue();
    }
});

it('measures a twin-plate motor with its plates hung, decides by hand, and builds it', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::measured(
        $person, ['shell_width' => '92.0', 'shell_bore' => '41.02'] + array_diff_key(Workshops::READINGS, ['thread_pitch' => 1]),
    );
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    $site->visit("/jobs/{$job->id}/survey?spot=shell_threaded")->press('Plain bore');
    $site->visit("/jobs/{$job->id}/match");
    $site->click('[aria-label^="Choose Wren, hung between plates"]');
    $site->click('form[action$="/ring"] button[value="'.$person->workshop->rings()->where('code', 'plain-40')->value('id').'"]');
    $site->press('Measure with the plates');
    Journey::of(
        $site,
        [
            'bracket_stays' => 'no', 'drive_chain' => 'own', 'ring_to_plate' => '10.4', 'pinion_to_face' => '40.7', 'crank_gap' => '23.1',
        ] + Workshops::READINGS + Workshops::ANSWERS,
    )
        ->survey();
    $site->press('Stack');
    $stack = Workshops::stack($job);
    expect($stack->mount->code())->toBe('twin-plate')->and($stack->verdict->value)->not->toBe('fails')
        ->and($site->text())->toContain('First chain off line');

    $site->press('It drags');
    expect($site->text())->toContain('Take one from the bearings or cups, never from under the crank');
    $site->press('Free, no play');
    $site->type('bolt-turns', '4')->click('#bolt-turns + button');
    expect($site->text())->toContain('Enough: 4 of at least 3');
    $site->press('Build');
    expect($site->text())->toContain('Cups, bearings and shims')->toContain('Motor hung between its plates')
        ->toContain('First chain over ring and pinion');
});

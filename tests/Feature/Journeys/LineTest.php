<?php

declare(strict_types=1);

use App\Models\Job;
use Tests\Support\Demo;
use Tests\Support\Paper;
use Tests\Support\Workshops;

it('tells a cargo bike of 220 kg on a hill of 14 percent which ring to fit', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person, 'heron-73', 'deep-44');
    $job->bike->update(['kind' => 'box-cargo']);
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    $site->visit("/jobs/{$job->id}/survey?spot=cogs")->type('value', '11 13 15 18 21 24 28 36 51')->press('Keep');
    $site->visit("/jobs/{$job->id}/line")->press('Hills and roads');
    $site->type('mass_kg', '220')->type('grade_percent', '14')->type('rider_w', '150')->press('Ride it');

    expect($site->text())->toContain('Only labouring')->toContain('Fit Deep-dish 40');
    $site->press('See it on Line');
    expect($site->text('tr[data-ring="deep-44"]'))->toContain('No gear pulls the hill');
    $site->click('[aria-label="Fit Deep-dish 40"]');
    $site->press('Hills and roads');
    expect($site->text())->toContain('Up it at');
});

it('counts a recumbent’s chain of several pieces', function (): void {
    Demo::week();
    $job = Job::query()->where('number', 249)->sole();
    $site = Paper::open()->signIn('dov@tollgate.example', 'bench-demo')->visit("/jobs/{$job->id}/line");

    expect($site->text('[data-figure="links"]'))->toMatch('/^3\d\d links$/')
        ->and($site->text())->toContain('12 links of the same chain go in at one of its joints')->toContain('over every idler')
        ->not->toContain('pieces of 116 links');
});

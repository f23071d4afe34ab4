<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Models\Job;
use Tests\Support\Journey;
use Tests\Support\Paper;
use Tests\Support\Workshops;

it('lays a trike’s speed sensor as a new user would: what is asked for is measured, then it has a length', function (): void {
    $person = Workshops::stocked();
    $person->workshop->leads()->create(['connector' => 'three', 'length_mm' => 400, 'quantity' => 3]);
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    Journey::of($site, [])->takeIn('tadpole-trike', 'aluminium', 'Plum trike');
    $job = Job::query()->sole();
    $site->visit("/jobs/{$job->id}/route");
    for ($i = 0; $i < 8 && $site->has('[data-waiting="1"] a'); $i++) {
        $site->click('[data-waiting="1"] a');
        $site->type(
            'typed',
            ['boom_length' => '430', 'wheelbase' => '1080', 'chainstay_length' => '1400'][Journey::of($site, [])->spotUp()] ?? '400',
        )
            ->press('Keep');
        $site->visit("/jobs/{$job->id}/route");
    }
    expect($site->text('[data-run="1"]'))->toContain('Needs an extension')->toContain('end of the boom → under the seat → chainstay')
        ->and(OpenJob::of(Workshops::fresh($job))->routePlan()->routes[0]->extensions ?? [])->toBe([400.0, 400.0, 400.0]);
});

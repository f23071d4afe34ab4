<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Models\Decision;
use App\Models\Job;
use App\Models\Role;
use App\Models\Run;
use App\Models\StepRecord;
use Tests\Support\Journey;
use Tests\Support\Paper;
use Tests\Support\Workshops;

const BOX_BIKE = [
    'crank_kind' => 'splined', 'bracket_kind' => 'threaded', 'guide_depth' => '1.8', 'stay_45' => '-5.5', 'stay_64' => '1.2',
    'stay_80' => '2.4', 'stay_112' => '5.0',
    'chainstay_length' => '462', 'over_locknuts' => '130.1', 'cog_inset' => '20.6', 'cog_pitch' => '4.34', 'cogs' => '20',
    'wheel' => '2070', 'shell_width' => '68.02 68.08',
    'shell_bore' => '33.66', 'shell_threaded' => 'yes', 'drive_cup_loosens' => 'clockwise', 'thread_pitch' => '1.06', 'down_tube' => '560',
    'bar_to_head' => '420',
];

it('lays the main harness through the gap of a box bike, and in before the body', function (): void {
    $person = Workshops::stocked();
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    $journey = Journey::of($site, BOX_BIKE)->takeIn('box-cargo', 'steel', 'Oak-brown box bike')->survey()->strip()->survey()
        ->choose('Heron, 68 sleeve')->rest('strut', '150');
    $job = Job::query()->sole();
    $site->visit("/jobs/{$job->id}/survey");
    $journey->survey();
    $site->visit("/jobs/{$job->id}/route");
    expect($site->text('[data-run="0"]'))->toContain('foot of the down tube → motor')->not->toContain('above the motor')
        ->toContain('before the body')
        ->and($site->text('.picture'))->toContain('leads may pass the gap');

    $site->visit("/jobs/{$job->id}/build?step=body-in");
    expect($site->has('button[name="state"][value="done"]'))->toBeFalse();
    $journey->build(triesWrongOrders: false);
    $done = StepRecord::query()->where('sheet', 'build')->orderBy('id')->pluck('step')->all();
    expect(array_search(OpenJob::of(Workshops::fresh($job))->buildSheet()?->firstOf(0)?->code, $done, true))
        ->toBeLessThan((int) array_search('body-in', $done, true))
        ->and($journey->readings)->toBeGreaterThan(10);
});

it('finds a bar too full before anything comes off, as a new user would', function (): void {
    $person = Workshops::stocked();
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    Journey::of($site, [])->takeIn('diamond', 'aluminium', 'Grey hardtail');
    $job = Job::query()->sole();
    $site->visit("/jobs/{$job->id}/route/cockpit");
    $site->click('[data-side="right"] a');
    $site->type('typed', '186')->press('Keep');
    $site->visit("/jobs/{$job->id}/route/cockpit");
    expect($site->text('[data-side="right"]'))->toContain('25 mm left');
    $site->click('button[value="right throttle"]')->click('button[value="right display"]');
    expect($site->text('[data-side="right"]'))->toContain('Too full by 25 mm')->toContain('the same thumb')
        ->toContain('Off: grip → brake lever')
        ->and($site->text('.picture'))->toContain('Before anything comes off')->and($site->has('.on-bar.is-over'))->toBeTrue();
    $site->visit("/jobs/{$job->id}/strip");
    expect($site->text())->toContain('the bar is too full by 25 mm');

    $site->visit("/jobs/{$job->id}/route/cockpit");
    $site->click('[data-side="right"] button[aria-label^="Leave off: Display"]')
        ->click('[data-side="right"] button[aria-label^="Leave off: Throttle"]');
    $site->click('button[value="left throttle"]');
    expect($site->text('[data-side="right"]'))->toContain('25 mm left')->and($site->has('.picture .caution'))->toBeFalse()
        ->and(Run::query()->where('name', 'throttle')->whereNull('removed_at')->count())->toBe(1);
});

it('finds that a pack does not go on the down tube, and puts it on the rack', function (): void {
    $person = Workshops::stocked();
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    Journey::of($site, [])->takeIn('diamond', 'aluminium', 'Grey hardtail');
    $job = Job::query()->sole();
    foreach (['room_base' => '520', 'room_front' => '500', 'room_rear' => '390'] as $spot => $typed) {
        $site->visit("/jobs/{$job->id}/survey?spot={$spot}")->type('typed', $typed)->press('Keep');
    }
    $site->visit("/jobs/{$job->id}/route/battery");
    $site->click('button[aria-label="Take Marl 48 long: Inside the triangle, on the down tube"]');
    expect($site->text('[aria-labelledby="set-title"]'))->toContain('too long by 91 mm')->and($site->has('.part-pack.misfit'))->toBeTrue();

    $site->click('button[aria-label="Take Marl 48 long: On a rack"]');
    expect(Run::query()->where('name', 'battery lead')->sole()->from_place)->toBe('rack');
    $site->type('floor-length', '380')->type('floor-width', '150')->type('floor-load', '25')->choose('fixing', 'rack-bolts')
        ->click('#keep-battery');
    expect($site->text('[aria-labelledby="set-title"]'))->toContain('too long by 40 mm');
    $site->type('floor-length', '440')->click('#keep-battery');
    foreach (['solid-floor', 'heel-clear', 'lock-reached', 'steers-well'] as $check) {
        $site->tick("input[name='seen[{$check}]'][value='yes']");
    }
    $site->click('#keep-battery');
    expect($site->text('[aria-labelledby="set-title"]'))->toContain('Load: 20.4 kg left')->toContain('Large washers')
        ->not->toContain('Fails');
});

it('stops for a brake sensor left off beside a throttle, and goes on once the owner has decided', function (): void {
    $owner = Workshops::stocked();
    $installer = Workshops::person(Role::Installer, $owner->workshop()->firstOrFail());
    $job = Workshops::kitted($installer);
    $site = Paper::open()->signIn($installer->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/route/cockpit");
    $site->click('button[value="left throttle"]')->visit("/jobs/{$job->id}/route/sensors");
    $site->choose('brake-sensor-left', 'left-off')->click('#keep-sensors');
    expect($site->text('[data-lever="left"]'))->toContain('Left off is a decision: say why');
    $site->choose('brake-sensor-left', 'left-off')->type('why-brake-sensor-left', 'The lever takes none')->click('#keep-sensors');
    expect($site->text())->toContain('Stop, left lever.')->toContain('The owner of the workshop decides');
    $site->visit("/jobs/{$job->id}/build");
    expect($site->has('button[name="state"][value="done"]'))->toBeFalse()->and($site->text())->toContain('the owner’s to decide');

    $site->press('Sign out')->signIn($owner->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/route/sensors");
    $site->type('because-left', 'A hydraulic lever of an odd shape; ridden by its builder')->click('#allow-left');
    expect($site->visit("/jobs/{$job->id}/route/sensors")->text('[data-lever="left"]'))->toContain("Answered for by {$owner->name}")
        ->and(Decision::query()->sole()->allowed_by_id)->toBe($owner->id);
    $site->visit("/jobs/{$job->id}/build");
    expect($site->has('button[name="state"][value="done"]'))->toBeTrue();
});

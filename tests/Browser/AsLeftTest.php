<?php

declare(strict_types=1);

use App\Models\Job;
use Tests\Support\Paper;
use Tests\Support\Site;
use Tests\Support\Workshops;

/** A bar with a throttle and a keypad beside levers of its own, and a pack on the rack that has been looked at. */
function fitOut(Paper $pages, Job $job): void
{
    $pages->visit("/jobs/{$job->id}/route/cockpit")->click('button[value="left throttle"]')->click('button[value="right keypad"]');
    $pages->visit("/jobs/{$job->id}/route/sensors")->choose('brake-sensor-left', 'lever')->choose('brake-sensor-right', 'lever')
        ->click('#keep-sensors');
    $pages->visit("/jobs/{$job->id}/route/battery")->click('button[aria-label="Take Marl 48 long: On a rack"]');
    $pages->visit("/jobs/{$job->id}/route/battery")->type('floor-length', '440')->type('floor-width', '150')->type('floor-load', '25')
        ->choose('fixing', 'rack-bolts')->click('#keep-battery')->visit("/jobs/{$job->id}/route/battery");
    foreach (['solid-floor', 'heel-clear', 'lock-reached', 'steers-well'] as $check) {
        $pages->tick("input[name='seen[{$check}]'][value='yes']");
    }
    $pages->click('#keep-battery');
}

/** The house decides otherwise, one job otherwise still; its rear wheel is away. */
function decideOtherwise(Paper $pages, Job $job): void
{
    foreach (['/house' => 'Two plates crept last winter', "/jobs/{$job->id}/build/house" => 'This plate creeps too'] as $place => $why) {
        $pages->visit($place)->tick('#other-plate-or-nut')->tick('#plate-or-nut input[value="bolts-first"]')->type('why-plate-or-nut', $why)
            ->click('#keep-plate-or-nut');
    }
    $pages->visit("/calendar?change={$job->number}")->type("what-{$job->id}", 'rear wheel: a new rim')->choose("needed-{$job->id}", 'strip')
        ->click("#away-{$job->number}");
}

/** Handed over with a note, and found loose twice when it came back. */
function leaveAndComeBack(Paper $pages, Job $job): void
{
    $pages->visit("/jobs/{$job->id}/prove/hand-over")->type('hand-note', 'The charger is in the bag')->click('#hand-over');
    foreach (['58', '420'] as $kilometres) {
        $pages->visit("/jobs/{$job->id}/prove/come-back")->type('kilometres', $kilometres)->choose('found-nut-torque', 'loose')
            ->type('torque-nut-torque', '20')->click('#keep-recheck');
    }
}

it('finds nothing serious on pages where something was decided, found or handed over', function (): void {
    $person = Workshops::stocked();
    [$fitted, $away, $gone] = array_map(fn (): Job => Workshops::kitted($person), range(1, 3));
    Workshops::proved($gone, $person);
    $pages = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    fitOut($pages, $fitted);
    decideOtherwise($pages, $away);
    leaveAndComeBack($pages, $gone);

    $site = Site::open()->signIn($person->email, Workshops::PASSWORD);
    $found = [];
    foreach ([
        "/jobs/{$fitted->id}/route/cockpit" => 'throttle', "/jobs/{$fitted->id}/route?near=bars" => 'keypad',
        "/jobs/{$fitted->id}/route/battery" => 'Large washers',
        '/house' => 'Two plates crept', "/jobs/{$away->id}/build/house" => 'This plate creeps too',
        '/calendar' => 'At another shop: rear wheel: a new rim',
        "/jobs/{$gone->id}/prove/hand-over" => 'The charger is in the bag', "/jobs/{$gone->id}/prove/come-back" => 'Found 2 times',
        '/catalogue' => 'Heron',
    ] as $view => $words) {
        expect($site->visit($view)->text())->toContain($words);
        $found[$view] = $site->seriousFaults();
    }

    expect(array_filter($found))->toBe([])->and($site->consoleErrors())->toBe([])->and($site->strangeRequests())->toBe([]);
});

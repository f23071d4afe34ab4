<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Models\Condition;
use App\Models\Job;
use App\Models\StepRecord;
use Tests\Support\Journey;
use Tests\Support\Workshops;

it('gives a city bike new levers, a keypad and a thumb throttle as a new user would, and lets it leave without nothing', function (): void {
    $journey = Journey::asNewUser(Journey::STEEL_68);
    $site = $journey->site;
    $journey->takeIn('diamond', 'steel', 'Linen-green city bike')->survey()->strip()->survey()->choose('Heron, 68 sleeve')->rest('frame');
    $job = $journey->job();
    $site->visit("/jobs/{$job}/route/cockpit");
    $journey->click('button[value="left throttle"]')->click('button[value="right keypad"]')
        ->click('button[aria-label="Towards the grip: Throttle, left"]');
    expect($site->text('[data-side="left"]'))->toContain('Off: grip On: throttle → grip');
    $site->visit("/jobs/{$job}/route/sensors");
    foreach (['left', 'right'] as $side) {
        $site->choose("brake-sensor-{$side}", 'lever');
    }
    $journey->click('#keep-sensors');
    $site->visit("/jobs/{$job}/route/cockpit");
    expect($site->text('[data-side="left"]'))->toContain('Off: grip → old brake lever')->toContain('new brake lever → throttle → grip');

    $journey->site->visit("/jobs/{$job}/survey");
    $journey->survey();
    $site->visit("/jobs/{$job}/route?near=bars");
    expect($site->text('[aria-labelledby="runs-title"]'))->toContain('keypad → middle of the bar')
        ->toContain('left lever → middle of the bar')->not->toContain('Too short by 9');
    $site->visit("/jobs/{$job}/stack/order");
    expect($site->text('[aria-labelledby="needs-title"]'))->toContain('Brake lever, left, with a switch of its own')
        ->toContain('Throttle, left, by thumb')->toContain('Keypad, right');

    $journey->build(triesWrongOrders: false);
    $titles = Journey::builtSheet();
    expect(count($titles))->toBeLessThanOrEqual(35)
        ->and(implode("\n", $titles))->toContain('Brake’s cable slack, then off the bar, left')
        ->toContain('Cable hooked in and brake adjusted, right')
        ->toContain('Join on the bar: throttle, keypad, brake sensor left, brake sensor right')
        ->toContain('Through to the motor: main harness, speed sensor, battery lead');

    $site->visit("/jobs/{$job}/prove/hand-over");
    expect($site->text('#objections'))->toContain('Nobody has looked at 16 things of this bike')->toContain('to prove');
    $site->visit("/jobs/{$job}/condition");
    $journey->click('#rest-fine');
    expect(Condition::query()->count())->toBe(16);
    fwrite(
        STDERR,
        "A city bike with new levers, built: {$journey->readings} readings, {$journey->presses} presses, ".count($titles)." steps\n",
    );
});

it('keeps a rear hose and a gear cable out of the gap as a new user would', function (): void {
    $journey = Journey::asNewUser(Journey::STEEL_68);
    $site = $journey->site;
    $journey->takeIn('diamond', 'steel', 'Brick-red all-road bike')->survey()->strip()->survey()->choose('Heron, 68 sleeve')->rest('frame');
    $job = $journey->job();
    $site->visit("/jobs/{$job}/survey");
    $journey->survey();
    foreach (['rear-brake-hose', 'gear-cable'] as $run) {
        $site->visit("/jobs/{$job}/route")->tick('details:has(button[name="usual"]) > summary');
        $journey->click("button[name='usual'][value='{$run}']");
    }
    expect($site->text('[data-run="3"]'))->toContain('above the motor → chainstay')->not->toContain('under the shell')
        ->and($site->text('[data-run="4"]'))->toContain('under the shell → chainstay');

    $site->visit("/jobs/{$job}/strip")->choose('obstacle-kind', 'hose')->type('height', '14')->type('angle', '300');
    $journey->click('#note-obstacle');
    $site->visit("/jobs/{$job}/stack/rest");
    expect($site->text())->toContain('Stop. A hydraulic hose lies where the body presses on the frame')->toContain('Known from the survey')
        ->not->toContain('band or')
        ->and(Job::query()->sole()->next_step)->toContain('Stopped');
    $site->visit("/jobs/{$job}/build");
    expect($site->has('button[name="state"][value="done"]'))->toBeFalse();
    $site->visit("/jobs/{$job}/strip");
    $journey->click('button[name="cure"][value="moved"]');
    expect(OpenJob::of(Workshops::fresh(Job::query()->sole()))->stop())->toBeNull();
    $site->visit("/jobs/{$job}/build");
    $journey->click('button[name="state"][value="done"]');
    expect(StepRecord::query()->where('sheet', 'build')->count())->toBe(1);
});

<?php

declare(strict_types=1);

use App\Models\HandOver;
use App\Models\SheetAddress;
use App\Models\StepRecord;
use Tests\Support\Paper;
use Tests\Support\Workshops;

it('proves a bike on the stand with faults found and cured, is refused the hand-over, then gives it, and opens the sheet without an account', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    $site->visit("/jobs/{$job->id}/route/sensors")->choose('brake-sensor-left', 'stick-on')->choose('brake-sensor-right', 'no-lever')
        ->click('#keep-sensors');
    Workshops::built($job, $person);
    $site->visit("/jobs/{$job->id}/prove/hand-over");
    expect($site->text('#objections'))->toContain('to prove, first')->toContain('Settings not written down')
        ->and($site->has('#hand-over'))->toBeFalse();

    $site->visit("/jobs/{$job->id}/prove/settings")->choose('set-units', 'km');
    foreach (['levels' => '5', 'cut_off_kmh' => '25', 'wheel_mm' => '2180'] as $name => $value) {
        $site->type("set-{$name}", $value);
    }
    $site->click('#keep-settings');
    $faults = ['wakes' => 'stays dark', 'brake-left' => 'goes on pulling', 'speed-lamp' => 'does not blink'];
    $site->visit("/jobs/{$job->id}/prove");
    for ($i = 0; $i < 60 && $site->has('button[name="state"][value="done"]'); $i++) {
        $code = $site->attributes('.step-now input[name=step]', 'value')[0] ?? '';
        if (isset($faults[$code])) {
            $site->type('note', $faults[$code])->click('button[name="state"][value="stopped"]');
            $site->visit("/jobs/{$job->id}/prove?step={$code}");
            expect($site->text('.step-now'))->toContain($faults[$code])->toContain('What may be behind it')
                ->and($site->has('.causes a'))->toBeTrue();
            unset($faults[$code]);

            continue;
        }
        $figure = ['wakes' => '51.2', 'cut-off' => '25.4'][$code] ?? null;
        $figure === null || $site->type('figure', $figure);
        $site->click('button[name="state"][value="done"]');
    }
    expect($faults)->toBe([])->and(StepRecord::query()->where('sheet', 'prove')->where('state', 'stopped')->count())->toBe(3);

    $site->visit("/jobs/{$job->id}/prove/hand-over");
    $site->type('hand-note', 'The charger is in the bag')->click('#hand-over');
    expect(HandOver::query()->count())->toBe(1)
        ->and($site->text('.sheet-paper'))->toContain('The charger is in the bag')->toContain('Torque, as it was given');
    $site->click('#give-address');
    $address = $site->text('.sheet-address');
    $site->press('Sign out');
    $path = substr($address, (int) strpos($address, '/sheet/'));
    $site->visit($path);
    expect($site->text())->toContain('The charger is in the bag')->not->toContain('Call it back');

    SheetAddress::query()->update(['revoked_at' => now()]);
    $site->visit($path);
    expect($site->text())->not->toContain('The charger is in the bag');
});

it('finds a nut loose twice when a bike comes back, and tells it at that step of the next bike like it', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::built(Workshops::kitted($person), $person);
    HandOver::query()->create(['job_id' => $job->id, 'user_id' => $person->id, 'handed_at' => now(), 'recheck_on' => today()->addDays(14)]);
    $job->forceFill(['handed_over_at' => now()])->save();
    $next = Workshops::kitted($person);
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    foreach (['58', '420'] as $kilometres) {
        $site->visit("/jobs/{$job->id}/prove/come-back");
        expect($site->has('p.caution'))->toBeFalse();
        $site->type('kilometres', $kilometres)->choose('found-nut-torque', 'loose')->type('torque-nut-torque', '20')
            ->click('#keep-recheck');
    }
    expect($site->text())->toContain('Found 2 times');
    $site->visit("/jobs/{$next->id}/build?step=nut-torque");
    expect($site->text('.experience'))->toContain("From job {$job->number}: loose, found 2 times");
    $site->visit('/')->click('a[href$="/logbook"]');
    expect($site->text())->toContain('Nut to torque loose 2 times');
});

<?php

declare(strict_types=1);

use App\Actions\Prove\KeepSetting;
use App\Actions\Prove\RecordProveCheck;
use App\Models\Job;
use App\Models\StepRecord;
use App\Models\StepState;
use App\Models\User;
use NeatSpindle\Core\Whole\Prove\SettingName;
use Tests\Support\Instruments;
use Tests\Support\Site;
use Tests\Support\Workshops;

afterEach(fn () => isset($this->instruments) ? $this->instruments->stop() : null);

/** A job on the stand, its first checks made by hand. */
function onTheStand(User $person): Job
{
    $job = Workshops::kitted($person);
    test()->actingAs($person);
    foreach (['left' => 'stick-on', 'right' => 'no-lever'] as $side => $choice) {
        test()
            ->put(
                "/jobs/{$job->id}/route/sensors",
                ['version' => Workshops::fresh($job)->version, 'choices' => ["brake-sensor-{$side}" => $choice]],
            );
    }
    Workshops::built($job, $person);
    foreach (['units' => 'km', 'levels' => '9', 'cut_off_kmh' => '25', 'wheel_mm' => '2180'] as $name => $value) {
        app(KeepSetting::class)($job, $person, SettingName::from($name), $value, null, null);
    }
    foreach (['turns-free', 'lock-to-lock', 'pack-locked'] as $code) {
        app(RecordProveCheck::class)($job, $person, $code, ['state' => StepState::Done, 'figure' => null, 'note' => null]);
    }

    return $job;
}

it('finds three faults on the motor’s line while the wheel turns, cures them, and takes nothing from a line that dies in the middle', function (): void {
    $person = Workshops::stocked();
    $job = onTheStand($person);
    $instruments = $this->instruments = Instruments::plugIn('display');
    $site = Site::open()->restart($instruments->environment())->signIn($person->email, Workshops::PASSWORD);
    $play = function (array $knobs) use ($site): void {
        $site->visit('/instruments');
        foreach ($knobs as $knob => $value) {
            $switch = $site->driver()
                ->executeScript('return document.getElementById(arguments[0]).type === "checkbox"', ["display-{$knob}"]);
            $switch ? $site->tick("#display-{$knob}") : $site->type("display-{$knob}", (string) $value);
        }
        $site->click('#set-display');
    };
    $record = fn (string $code) => StepRecord::query()->where('sheet', 'prove')->where('step', $code)->whereNull('superseded_at')->first();
    $at = fn (string $code) => $site->visit("/jobs/{$job->id}/prove?step={$code}");

    $at('wakes')->waitForText('#live', '52.1 V');
    $site->click('#from-line');
    expect($record('wakes')?->figure)->toBe(52.1);
    app(RecordProveCheck::class)($job, $person, 'set', ['state' => StepState::Done, 'figure' => null, 'note' => null]);

    // A pack that cuts out under load, a brake's input that is stuck, a magnet that is off: each found, and gone again once cured.
    $faults = [
        ['pedals', ['level' => 6, 'crank' => 60, 'pack_cuts' => 1], 'cut out under load', ['pack_cuts' => 0, 'level' => 1]],
        ['walk', ['crank' => 0, 'walk' => 1, 'brake_stuck' => 1], 'input says pulled: left', ['brake_stuck' => 0]],
        ['speed-lamp', ['crank' => 60, 'walk' => 0, 'no_magnet' => 1], 'speed reads nothing', ['no_magnet' => 0]],
    ];
    foreach ($faults as [$code, $fault, $says, $cure]) {
        $play($fault);
        $at($code)->waitForText('#live', $says);
        $site->click('#from-line');
        expect($record($code)?->state)->toBe(StepState::Stopped);
        $at($code);
        expect($site->text('.step-now'))->toContain($says)->toContain('What may be behind it');
        $play($cure);
        $at($code)->waitForText('#live', 'As expected');
        expect($site->seriousFaults())->toBe([]);
        $site->click('#from-line');
        expect($record($code)?->state)->toBe(StepState::Done);
    }

    $play(['left' => 1]);
    $at('brake-left')->waitForText('#live', 'the motor pulls nothing');
    $instruments->cut('display');
    $site->driver()->executeScript('document.getElementById("live").remove()');
    $instruments->cut('display');
    $site->type('note', 'Pulled twice')->click('#from-line');
    expect($site->text('.step-now'))->toContain('The line broke')->and($site->value('note'))->toBe('Pulled twice')
        ->and($record('brake-left'))->toBeNull();
    $at('brake-left')->waitForText('#live', 'Level');
    $cookies = $site->driver()->manage()->getCookies();
    $site->driver()->manage()->deleteAllCookies();
    usleep(2_500_000);
    expect($site->has('#live #email'))->toBeFalse('the sign-in page is not shown in place of the line');
    array_walk($cookies, $site->driver()->manage()->addCookie(...));
    $instruments->stop();
    $at('brake-left')->waitForText('#live', 'The line is dead.');
    $site->click('#from-line');
    expect($site->text('.step-now'))->toContain('No motor’s display answers')->and($record('brake-left'))->toBeNull();
    $site->click('button[name="state"][value="done"]');
    expect($record('brake-left')?->state)->toBe(StepState::Done)->and($site->strangeRequests())->toBe([]);
});

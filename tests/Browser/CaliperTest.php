<?php

declare(strict_types=1);

use App\Models\Reading;
use Tests\Support\Instruments;
use Tests\Support\Site;
use Tests\Support\Workshops;

it('takes readings from the caliper, asks about an outlier, survives a cut line and a killed server, and loses nothing', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::job($person);
    $instruments = Instruments::plugIn('caliper')->set('caliper', noise: 0, truth: 73.02);
    $site = Site::open()->restart($instruments->environment())->signIn($person->email, Workshops::PASSWORD)
        ->visit("/jobs/{$job->id}/survey?spot=shell_width");

    $site->click('#take');
    $instruments->set('caliper', truth: 73.06);
    $site->click('#take');
    expect($site->text('.spot'))->toContain('73.04 ± 0.02 mm from 2 readings');
    $instruments->set('caliper', truth: 79.0);
    $site->click('#take');
    expect($site->text('#typed-fault'))->toContain('away from the other readings')
        ->and($site->driver()->executeScript('return typed.value'))->toBe('+079.00 mm')
        ->and(Reading::query()->count())->toBe(2);
    $instruments->cut('caliper');
    $site->click('#take');
    expect($site->text('#typed-fault'))->toContain('The line broke')->and(Reading::query()->count())->toBe(2);

    $instruments->set('caliper', truth: 73.03);
    $site->restart($instruments->environment());
    $site->click('#take');
    $instruments->stop();
    expect($site->text('.spot'))->toContain('from 3 readings')
        ->and(Reading::query()->orderBy('id')->pluck('value_mm')->all())->toBe([73.02, 73.06, 73.03])
        ->and($site->strangeRequests())->toBe([]);
});

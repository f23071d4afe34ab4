<?php

declare(strict_types=1);

use App\Models\Decision;
use App\Models\HouseRule;
use Tests\Support\Paper;
use Tests\Support\Workshops;

it('changes a rule of the house in the middle of a job, which keeps its own until somebody decides otherwise', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $site = Paper::open()->signIn($person->email, Workshops::PASSWORD);
    $first = fn (): string => preg_match(
        '/Nut to torque|Plate bolts to torque/u', $site->text('.step-list'), $found,
    ) === 1 ? $found[0] : '';
    $site->visit('/')->click('a[href$="/house"]')->tick('#other-plate-or-nut');
    expect($site->text('#plate-or-nut'))->toContain('“Plate bolts to torque')->toContain('comes after');
    $site->tick('#plate-or-nut input[value="bolts-first"]')->click('#keep-plate-or-nut');
    expect($site->text('#plate-or-nut'))->toContain('Say why')->and(HouseRule::query()->count())->toBe(0);
    $site->type('why-plate-or-nut', 'Two plates crept last winter')->click('#keep-plate-or-nut');
    expect($site->text('#plate-or-nut'))->toContain('Bolts first')->toContain('Two plates crept last winter')->toContain($person->name);

    $site->visit("/jobs/{$job->id}/build");
    expect($first())->toBe('Nut to torque')->and($site->text('.house-note'))->toContain('The house has changed');
    $site->click('#to-house')->tick('#other-plate-or-nut')->tick('#plate-or-nut input[value="bolts-first"]');
    $site->type('why-plate-or-nut', 'This plate creeps too')->click('#keep-plate-or-nut');
    expect($site->text('#plate-or-nut'))->toContain('Decided for this job')
        ->and(Decision::query()->sole()->reason)->toBe('This plate creeps too');
    $site->visit("/jobs/{$job->id}/build");
    expect($first())->toBe('Plate bolts to torque');
    $site->visit("/jobs/{$job->id}/prove/hand-over");
    expect($site->text('.sheet-paper'))->toContain('This plate creeps too');
});

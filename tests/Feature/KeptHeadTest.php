<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Models\Job;
use App\View\Survey\SurveyPage;
use Illuminate\Support\Facades\Cache;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use Tests\Support\Life;
use Tests\Support\Workshops;

function headOf(Job $job): string
{
    return (string) (new SurveyPage(OpenJob::of(Workshops::fresh($job)), null, null))->headShown();
}

it('shows the head of a job as it stands, however the job is led through its life', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person);
    $seen = [];
    foreach ([1, 2] as $seed) {
        $job = Workshops::kitted($person);
        $life = new Life($job, $person, $seed);
        for ($i = 0; $i < 45; $i++) {
            $life->move();
            $shown = headOf($job);
            Cache::flush();
            expect($shown)->toBe(headOf($job), "seed {$seed}, move {$i}");
            $seen[$shown] = true;
        }
    }
    expect(count($seen))->toBeGreaterThan(3);
});

it('shows it in the unit of whoever looks', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person);
    $job = Workshops::kitted($person);
    expect(headOf($job))->toContain(' mm</title>');
    $person->update(['length_unit' => LengthUnit::Inch]);
    expect(headOf($job))->toContain(' in</title>')->not->toContain(' mm</title>');
});

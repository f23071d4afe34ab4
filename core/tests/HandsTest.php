<?php

declare(strict_types=1);

use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Tests\Hands;
use NeatSpindle\Core\Tests\Sheets;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

it('can be done by two hands in every house', function (): void {
    $walked = 0;
    foreach (School::cases() as $school) {
        foreach (['hardtail-73', 'yoke-on-68', 'twin-plate-92', 'trike-boom', 'press-fit-92', 'hub-gear-68'] as $case) {
            $worksheet = Cases::worksheet($case);
            foreach (Sheets::circumstances($worksheet, 40) as $circumstances) {
                $circumstances = $circumstances->inHouse(HouseRules::default()->with($school));
                $sheet = $worksheet->buildSheet($circumstances) ?? throw new LogicException('no sheet');
                $hands = new Hands($worksheet, $circumstances, $sheet);
                foreach ($sheet->steps as $step) {
                    $why = $hands->do($step);
                    $why === null ?: throw new LogicException("{$case}, {$school->value}: {$step->code}, {$step->title}: {$why}");
                }
                $walked++;
            }
        }
    }
    expect($walked)->toBeGreaterThan(1_000);
});

it('takes the spindle out for the nut where the socket does not reach, or asks for another tool', function (float $depth, bool $comesOut, array $codes, ?string $needs): void {
    $document = Cases::document('hardtail-73');
    foreach ((array) $document->catalogue->motors as $motor) {
        if (isset($motor->sleeve)) {
            $motor->sleeve->spindle_comes_out = $comesOut;
            $motor->sleeve->spindle_od_mm = 24.0;
        }
    }
    $document->tools = (object) ['nut_socket' => (object) ['bore_mm' => 30.0, 'depth_mm' => $depth]];
    $worksheet = Worksheet::of(JobReader::read($document));
    $sheet = $worksheet->buildSheet() ?? throw new LogicException('no sheet');
    expect(array_values(array_intersect(array_column($sheet->steps, 'code'), ['spindle-out', 'nut-torque', 'spindle-in', 'spindle-preload', 'spindle-lock', 'ring-look', 'crank-right-seat'])))->toBe($codes);
    $parts = $worksheet->recipe->steps($worksheet->stack, new NeatSpindle\Core\Holding\Build\Circumstances, $worksheet->reach)?->parts() ?? [];
    expect(isset($parts['nut-torque']))->toBe($needs !== null)->and($parts['nut-torque'] ?? '')->toContain((string) $needs);
})->with([
    'reaches' => [200.0, true, ['nut-torque', 'ring-look', 'crank-right-seat'], null],
    'too short, and it comes out' => [5.0, true, ['spindle-out', 'nut-torque', 'spindle-in', 'spindle-preload', 'spindle-lock', 'ring-look', 'crank-right-seat'], null],
    'too short, and it stays' => [5.0, false, ['nut-torque', 'ring-look', 'crank-right-seat'], 'Tool for the nut'],
]);

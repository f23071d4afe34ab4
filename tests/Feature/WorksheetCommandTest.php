<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Tests\Support\Workshops;

/**
 * @param  list<string>  $files
 * @return array{int, list<array<string, mixed>>}
 */
function worksheets(array $files): array
{
    return printed('spindle:worksheet', $files);
}

/**
 * @param  list<string>  $files
 * @return array{int, list<array<string, mixed>>}
 */
function printed(string $command, array $files): array
{
    $status = Artisan::call($command, ['file' => $files]);

    return [
        $status,
        array_map(
            fn (string $line) => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
            array_values(array_filter(explode("\n", Artisan::output()))),
        ),
    ];
}

it('prints one line for each file, in order', function (): void {
    $cases = base_path('core/tests/cases');
    [$status, $lines] = worksheets(["{$cases}/hub-gear-68.job.json", "{$cases}/hardtail-73.job.json"]);
    expect($status)->toBe(0)->and($lines[0]['shell']['nominal_width_mm'])->toBe(68)->and($lines[1]['shell']['nominal_width_mm'])->toBe(73);
});

it('goes on after a bad file and says so with 2', function (): void {
    $bad = tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($bad, '{"format":"neat-spindle/job","version":1}');
    [$status, $lines] = worksheets(['/nowhere/at/all.json', $bad, base_path('core/tests/cases/hardtail-73.job.json')]);
    unlink($bad);

    expect($status)->toBe(2)
        ->and($lines[0])->toBe(['file' => '/nowhere/at/all.json', 'errors' => [['path' => '', 'message' => 'The file cannot be read.']]])
        ->and(array_column($lines[1]['errors'], 'path'))->toBe(['/catalogue', '/bike', '/kit'])
        ->and($lines[2]['stack']['verdict'])->toBe('clear');
});

it('counts faults beyond the thousand it lists', function (): void {
    $document = json_decode((string) file_get_contents(base_path('core/tests/cases/hardtail-73.job.json')));
    $document->catalogue->spacers[0]->use = array_fill(0, 1_200, 'x');
    $bad = tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($bad, json_encode($document));
    [$status, $lines] = worksheets([$bad]);
    unlink($bad);

    expect($status)->toBe(2)->and($lines[0]['errors'])->toHaveCount(1_000)->and($lines[0]['faults_in_all'])->toBe(1_200);
});

it('computes from a job’s own document what the job’s worksheet says', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $file = tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($file, $this->actingAs($person)->get("/jobs/{$job->id}/job.json")->getContent());
    [$status, $lines] = worksheets([$file]);
    unlink($file);

    expect($status)->toBe(0)
        ->and($lines[0])->toEqual(json_decode((string) $this->get("/jobs/{$job->id}/worksheet.json")->getContent(), true));
});

it('plans schedules by a command of the same manners', function (): void {
    $bad = tempnam(sys_get_temp_dir(), 'schedule');
    file_put_contents($bad, '{"format":"neat-spindle/schedule","version":1,"from":"2026-11-31T08:00","hours":{},"people":[],"jobs":[]}');
    [$status, $lines] = printed('spindle:schedule', [$bad, base_path('core/tests/cases/week-of-three.schedule.json')]);
    unlink($bad);

    expect($status)->toBe(2)->and(array_column($lines[0]['errors'], 'path'))->toBe(['/from'])
        ->and($lines[1])
        ->toEqual(json_decode((string) file_get_contents(base_path('core/tests/cases/week-of-three.schedule-answer.json')), true));
});

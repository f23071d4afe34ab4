<?php

declare(strict_types=1);

use App\Actions\Kit\ChooseMotor;
use App\Actions\Kit\ChooseRing;
use App\Bench\OpenJob;
use App\Documents\JobDocument;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;
use NeatSpindle\Core\Whole\Worksheet\WorksheetPrinter;
use Tests\Support\Demo;
use Tests\Support\Workshops;

/*
 * A job is computed from rows on every screen, and from text where a document is read: both say the same.
 */

/** @return array<string, mixed>|null what the rows of a job come to; null while its kit is not chosen */
function fromRows(Job $job): ?array
{
    $typed = OpenJob::of($job)->toCompute(withRouting: true);

    return $typed === null ? null : WorksheetPrinter::toArray(Worksheet::of($typed));
}

/** @return array<string, mixed> */
function fromText(Job $job): array
{
    $text = json_encode(JobDocument::of(OpenJob::of($job)), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);

    return WorksheetPrinter::toArray(Worksheet::of(JobReader::fromJson($text)));
}

it('computes every job of the demo from its rows as from its document', function (): void {
    Demo::whole();
    $this->actingAs(User::query()->where('email', 'maren@tollgate.example')->sole());
    $compared = 0;
    foreach (Job::query()->pluck('id')->map(fn (int $id) => Job::opened($id)) as $job) {
        $printed = fromRows($job);
        if ($printed !== null) {
            expect(fromText($job))->toBe($printed, "job {$job->id}");
            $compared++;
        }
    }
    expect($compared)->toBeGreaterThanOrEqual(8);
});

it('computes jobs nobody thought of from their rows as from their documents', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person);
    mt_srand(20_261);
    $motors = $person->workshop->motors()->get();
    $rings = $person->workshop->rings()->get();
    $compared = 0;
    foreach (range(1, 12) as $ignored) {
        $shaken = fn (string $typed) => (string) round(
            array_sum(array_map(floatval(...), explode(' ', $typed))) / count(explode(' ', $typed)) + mt_rand(-40, 40) / 100, 2,
        );
        $job = Workshops::measured($person, array_map($shaken, ['shell_bore' => '33.7', 'thread_pitch' => '1.5'] + Workshops::READINGS));
        $job = Workshops::fresh($job);
        app(ChooseMotor::class)($job, $person, $job->version, ($motors[mt_rand(0, $motors->count() - 1)] ?? abort(404))->id, null);
        $job = Workshops::fresh($job);
        app(ChooseRing::class)($job, $person, $job->version, ($rings[mt_rand(0, $rings->count() - 1)] ?? abort(404))->id);
        $printed = fromRows(Workshops::fresh($job));
        if ($printed !== null) {
            expect(fromText(Workshops::fresh($job)))->toBe($printed);
            $compared++;
        }
    }
    expect($compared)->toBeGreaterThan(2);
});

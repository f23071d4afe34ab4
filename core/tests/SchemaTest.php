<?php

declare(strict_types=1);

use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Schedule\PlanPrinter;
use NeatSpindle\Core\Whole\Schedule\Schedule;
use NeatSpindle\Core\Whole\Schedule\ScheduleReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;
use NeatSpindle\Core\Whole\Worksheet\WorksheetPrinter;
use Opis\JsonSchema\Validator;

function fitsTheSchema(stdClass $document): bool
{
    $schema = json_decode((string) file_get_contents(__DIR__.'/../../docs/formats/job.schema.json'), false, flags: JSON_THROW_ON_ERROR);

    return (new Validator)->validate(json_decode((string) json_encode($document)), $schema)->isValid();
}

it('fits every worked case', function (string $name): void {
    expect(fitsTheSchema(Cases::document($name)))->toBeTrue();
})->with(Cases::names());

it('fits every worked schedule, and not what its reader refuses', function (string $name): void {
    $schema = json_decode(
        (string) file_get_contents(__DIR__.'/../../docs/formats/schedule.schema.json'), false, flags: JSON_THROW_ON_ERROR,
    );
    $read = fn (): stdClass => json_decode(
        (string) file_get_contents(__DIR__."/cases/{$name}.schedule.json"), false, flags: JSON_THROW_ON_ERROR,
    );
    $fits = fn (stdClass $document): bool => (new Validator)->validate($document, $schema)->isValid();
    expect($fits($read()))->toBeTrue();
    foreach ([
        fn ($d) => $d->from = '2026-11-23 08:00', fn ($d) => $d->hours->mon = [['25:00', '26:00']],
        fn ($d) => $d->jobs[0]->tasks[0]->minutes = 0, fn ($d) => $d->people = [(object) ['code' => '']],
        fn ($d) => $d->jobs[0]->tasks[0]->wait_minutes = 5,
    ] as $spoil) {
        $document = $read();
        $spoil($document);
        expect($fits($document))->toBeFalse()->and(fn () => ScheduleReader::read($document))->toThrow(InvalidDocument::class);
    }
})->with(['nobody', 'one-pair-of-hands', 'week-of-three']);

it('refuses what the reader refuses, as far as a schema can say it', function (callable $spoil): void {
    $document = Cases::document();
    $spoil($document);
    expect(Cases::faultsAfter($spoil))->not->toBe([])->and(fitsTheSchema($document))->toBeFalse();
})->with([
    [fn ($d) => $d->format = 'other'],
    [fn ($d) => $d->bike->rear->old_mm = '135'],
    [fn ($d) => $d->bike->rear->old_mm = 0],
    [fn ($d) => $d->bike->shell->width_mm = (object) ['value' => 73, 'readings' => [73]]],
    [fn ($d) => $d->bike->shell->width_mm->readings = []],
    [fn ($d) => $d->bike->rear->cogs[0] = 8],
    [fn ($d) => $d->bike->chainstay->none = true],
    [fn ($d) => $d->bike->chainstay->none = 'yes'],
    [fn ($d) => $d->catalogue->motors->{'fell-68'}->sleeve->spindle_comes_out = 'no'],
    [function ($d): void {
        unset($d->catalogue->motors->{'fell-68'}->nut);
    }],
    [fn ($d) => $d->catalogue->motors->{'fell-68'}->mount = 'glue'],
    [fn ($d) => $d->catalogue->spacers[0]->use = ['soup']],
    [fn ($d) => $d->kit->spacers = (object) ['shelf' => [1]]],
    [fn ($d) => $d->climb->grade_percent = 46],
    [fn ($d) => $d->routing->runs[0]->kind = 'string'],
]);

/** @param  array<array-key, mixed>|stdClass  $document */
function fitsWhatIsPrinted(string $schema, array|stdClass $document): bool
{
    $schema = json_decode(
        (string) file_get_contents(__DIR__."/../../docs/formats/{$schema}.schema.json"), false, flags: JSON_THROW_ON_ERROR,
    );

    return (new Validator)->validate(json_decode((string) json_encode($document)), $schema)->isValid();
}

it('prints worksheets that fit their schema, whatever the bike and its circumstances', function (string $name): void {
    foreach ([fn ($d) => null, function ($d): void {
        unset($d->climb, $d->reaction, $d->routing, $d->battery, $d->turns, $d->tools);
    }, fn ($d) => $d->catalogue->spacers = [], function ($d): void {
        $d->bike->rear->cogs = [18];
        unset($d->bike->rear->use);
    }, fn ($d) => $d->kit->spacers = (object) ['drive' => [99.0]]] as $spoil) {
        $document = Cases::document($name);
        $spoil($document);
        expect(fitsWhatIsPrinted('worksheet', WorksheetPrinter::toArray(Worksheet::of(JobReader::read($document)))))->toBeTrue();
    }
    $sheet = (array) json_decode((string) file_get_contents(__DIR__."/cases/{$name}.worksheet.json"), true);
    expect(fitsWhatIsPrinted('worksheet', $sheet))->toBeTrue()->and(fitsWhatIsPrinted('worksheet', ['match' => null] + $sheet))->toBeFalse()
        ->and(fitsWhatIsPrinted('worksheet', ['format' => 'other'] + $sheet))->toBeFalse()
        ->and(fitsWhatIsPrinted('worksheet', array_diff_key($sheet, ['gears' => 1])))->toBeFalse();
})->with(Cases::names());

it('prints answers to schedules that fit their schema', function (string $name): void {
    $answer = PlanPrinter::toArray(
        Schedule::of(ScheduleReader::fromJson((string) file_get_contents(__DIR__."/cases/{$name}.schedule.json"))),
    );
    expect(fitsWhatIsPrinted('schedule-answer', $answer))->toBeTrue()
        ->and(fitsWhatIsPrinted('schedule-answer', ['jobs' => 3] + $answer))->toBeFalse();
})->with(['nobody', 'one-pair-of-hands', 'week-of-three']);

<?php

declare(strict_types=1);

use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Sums\Margin\CannotBuildStack;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Exchange\JobWriter;
use NeatSpindle\Core\Whole\Job\Job;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;
use NeatSpindle\Core\Whole\Worksheet\WorksheetPrinter;

/** A job written and read again; the catalogue is passed through, for it may hold more than a job's sums use. */
function readBack(Job $job, stdClass $document): Job
{
    $catalogue = json_decode(json_encode($document->catalogue, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), true);

    return JobReader::fromJson(json_encode(JobWriter::toArray($job, $catalogue), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
}

it('reads back the job it wrote', function (string $name): void {
    $document = Cases::document($name);
    $job = JobReader::read($document);

    expect(WorksheetPrinter::toArray(Worksheet::of(readBack($job, $document))))->toBe(WorksheetPrinter::toArray(Worksheet::of($job)));
})->with(Cases::names());

it('reads back bikes nobody thought of', function (string $name): void {
    mt_srand(crc32($name));
    $same = 0;
    foreach (range(1, 40) as $ignored) {
        $document = Cases::document($name);
        $document->bike = Cases::shaken($document->bike);
        try {
            $job = JobReader::read($document);
            $printed = WorksheetPrinter::toArray(Worksheet::of($job));
        } catch (InvalidDocument|CannotBuildStack) {
            continue;
        }
        expect(WorksheetPrinter::toArray(Worksheet::of(readBack($job, $document))))->toBe($printed);
        $same++;
    }
    expect($same)->toBeGreaterThan(10);
})->with(Cases::names());

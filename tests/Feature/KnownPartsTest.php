<?php

declare(strict_types=1);

use App\Assembly\KnownParts;
use App\Models\Workshop;
use Illuminate\Support\Facades\DB;
use Tests\Support\Workshops;

/**
 * Each class that can be reached from something, with the types of its properties.
 *
 * @param  array<string, string>  $seen
 */
function noteShape(mixed $value, array &$seen): void
{
    foreach (is_array($value) ? $value : [] as $one) {
        noteShape($one, $seen);
    }
    if (is_object($value) && ! $value instanceof UnitEnum) {
        $class = new ReflectionClass($value);
        $seen[$class->getName()] ??= implode(
            ' ', array_map(fn (ReflectionProperty $one) => "{$one->getType()} {$one->getName()}", $class->getProperties()),
        );
        foreach ($class->getProperties() as $property) {
            noteShape($property->getValue($value), $seen);
        }
    }
}

it('keeps the parts under another name when a class of them has changed', function (): void {
    $seen = [];
    noteShape(KnownParts::of(Workshops::stocked()->workshop_id), $seen);
    ksort($seen);
    $shape = hash('crc32b', (string) json_encode($seen));

    expect(KnownParts::SHAPE)->toBe($shape, "What is kept of a catalogue has changed: KnownParts::SHAPE must now be “{$shape}”.");
});

it('makes the parts once, and anew for each workshop and each change', function (): void {
    [$one, $other] = [Workshops::stocked()->workshop, Workshops::stocked()->workshop];
    $names = fn (Workshop $of) => array_column(KnownParts::of($of->id)->motors, 'name', 'code');
    $queries = function (Workshop $of): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        KnownParts::of($of->id);

        return count(DB::getQueryLog());
    };
    expect($names($one))->toBe($names($other))->and($queries($one))->toBe(1);

    $one->motors()->where('code', 'heron-73')->update(['name' => 'Heron, renamed']);
    $one->renewCatalogue();

    expect($names($one)['heron-73'])->toBe('Heron, renamed')->and($names($other)['heron-73'])->not->toBe('Heron, renamed');
});

it('never shows a change that was taken back', function (): void {
    $workshop = Workshops::stocked()->workshop;
    $name = fn (): string => array_column(KnownParts::of($workshop->id)->motors, 'name', 'code')['heron-73'];
    $was = $name();
    DB::beginTransaction();
    $workshop->motors()->where('code', 'heron-73')->update(['name' => 'Heron, never kept']);
    $workshop->renewCatalogue();
    expect($name())->toBe('Heron, never kept');
    DB::rollBack();

    expect($name())->toBe($was);
});

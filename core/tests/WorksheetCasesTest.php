<?php

declare(strict_types=1);

use NeatSpindle\Core\Tests\Cases;

/** Numbers are the same when they are equal; everything else to the letter; key order does not count. */
function sameJson(mixed $expected, mixed $actual): bool
{
    if (is_array($expected) && is_array($actual)) {
        return array_is_list($expected) === array_is_list($actual)
            && count($expected) === count($actual)
            && array_filter(
                array_keys($expected), fn ($key) => ! array_key_exists($key, $actual) || ! sameJson($expected[$key], $actual[$key]),
            ) === [];
    }

    return is_numeric($expected) && is_numeric($actual) && ! is_string($expected) && ! is_string($actual)
        ? (float) $expected === (float) $actual
        : $expected === $actual;
}

it('agrees with the worked case in every section', function (string $name): void {
    $printed = Cases::printed(Cases::document($name));
    $expected = Cases::expected($name);

    foreach ($printed as $section => $value) {
        expect(sameJson($expected[$section], $value))->toBeTrue(
            "{$section}: ".json_encode($value)."\nexpected: ".json_encode($expected[$section]),
        );
    }
    expect(array_keys($printed))->toEqualCanonicalizing(array_keys($expected));
})->with(Cases::names());

it('knows when two documents differ', function (): void {
    expect(sameJson(['a' => 1, 'b' => [2.0]], ['b' => [2], 'a' => 1.0]))->toBeTrue()
        ->and(sameJson(['a' => 1], ['a' => 2]))->toBeFalse()
        ->and(sameJson(['a' => null], ['a' => 0]))->toBeFalse()
        ->and(sameJson(['a' => true], ['a' => 1]))->toBeFalse()
        ->and(sameJson([1, 2], [2, 1]))->toBeFalse()
        ->and(sameJson(['a' => 1], ['a' => 1, 'b' => 2]))->toBeFalse();
});

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

/**
 * A number as a person typed it, with whatever unit stood behind it.
 *
 * Understands `73.1`, `73,1`, `2 7/8`, `1/16`, each with or without a unit.
 */
final readonly class TypedNumber
{
    private const PATTERN = '/^(?<sign>[+\-−])?\s*(?:(?<whole>\d+)\s+)?(?:(?<top>\d+)\s*\/\s*(?<bottom>\d+)|(?<plain>\d*[.,]?\d+|\d+[.,]))\s*(?<unit>[^\d\s+\-−.,][^\d]*)?$/u';

    private function __construct(
        public float $amount,
        public string $unit,
        public bool $isFraction,
    ) {}

    /**
     * @throws CannotReadQuantity when nothing, or no number, was typed
     */
    public static function read(string $typed, string $example): self
    {
        $typed = trim($typed);
        if ($typed === '') {
            throw CannotReadQuantity::becauseNothingWasTyped($example);
        }
        if (preg_match(self::PATTERN, $typed, $part, PREG_UNMATCHED_AS_NULL) !== 1 || self::mixesWholeAndPlain($part)) {
            throw CannotReadQuantity::becauseItIsNoNumber(mb_strimwidth($typed, 0, 40, '…'), $example);
        }

        $amount = isset($part['top'])
            ? (float) ($part['whole'] ?? 0) + self::fraction($part['top'], (string) $part['bottom'], $typed)
            : (float) str_replace(',', '.', (string) $part['plain']);

        return new self(
            ($part['sign'] ?? '+') === '+' ? $amount : -$amount,
            trim($part['unit'] ?? ''),
            isset($part['top']),
        );
    }

    /** @param  array<string|null>  $part */
    private static function mixesWholeAndPlain(array $part): bool
    {
        return isset($part['whole'], $part['plain']);
    }

    private static function fraction(string $top, string $bottom, string $typed): float
    {
        if ((int) $bottom === 0) {
            throw CannotReadQuantity::becauseTheDenominatorIsZero($typed);
        }

        return (float) $top / (float) $bottom;
    }
}

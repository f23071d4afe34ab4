<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Ground\Measure\Measurement;

/** Why a reading is asked about before it is kept: it is not usual on such a bike, or contradicts another. Lengths in mm. */
final readonly class Improbable
{
    /** A width over the cups and one on the bare shell agree within their doubts and this. */
    private const AGREES = 1.0;

    /**
     * @param  ?array{float, float}  $usual what would be usual; null when another reading is contradicted
     * @param  ?float  $expected what the other reading told
     */
    private function __construct(public ?Slip $slip, public ?array $usual, public ?float $expected) {}

    /**
     * Null when nothing is odd about it.
     *
     * @param  ?float  $shellWidth as far as it is known
     * @param  ?Measurement  $overCups from cup to cup
     * @param  ?Measurement  $flange thickness of one cup's flange
     */
    public static function reading(BikeKind $kind, Spot $spot, float $mm, ?float $shellWidth, ?Measurement $overCups, ?Measurement $flange): ?self
    {
        $usual = Usual::on($kind);
        if ($usual->isUnusual($spot, $mm)) {
            return new self(Slip::likeliest($usual, $spot, $mm, $shellWidth), $usual->range($spot), null);
        }

        return $spot === Spot::ShellWidth && $overCups !== null && $flange !== null ? self::againstTheCups($mm, $overCups, $flange) : null;
    }

    private static function againstTheCups(float $mm, Measurement $overCups, Measurement $flange): ?self
    {
        $told = EarlyWidth::from($overCups, $flange);

        return abs($mm - $told->value) <= $told->plusMinus + self::AGREES ? null
            : new self(abs($mm - $overCups->value) <= $overCups->plusMinus + self::AGREES ? Slip::OverTheCups : null, null, $told->value);
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Fit;

use NeatSpindle\Core\Holding\Mount\StayAsk;
use NeatSpindle\Core\Holding\Mount\Unsolved;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Source;
use NeatSpindle\Core\Sums\Margin\Term;

use function abs;
use function in_array;

/** What drives a stack that does not go: the stay that asks for spacers, or one reading of the failing sum. */
final readonly class Cause
{
    /**
     * @param  ?StayAsk  $stay null where it is not the chainstay's doing
     * @param  ?Term  $reading the reading that weighs most in the failing sum; null where none does
     * @param  ?Margin  $margin that fails; null for a stack that is not solved
     */
    private function __construct(public ?StayAsk $stay, public ?Term $reading, public ?Margin $margin) {}

    /** Null for a match that goes, or of which nothing is known. */
    public static function of(MotorMatch $match): ?self
    {
        if ($match->stack === null || $match->recipe === null) {
            return null;
        }
        $reason = $match->stack->limitedBy();
        $stay = $match->recipe->stayAsk();

        return match (true) {
            $reason instanceof MarginName => self::ofMargin($match->stack->margin($reason), $match->stack->sumAt(Place::Drive), $stay),
            $reason === Unsolved::DriveSpacers => $stay === null ? null : new self($stay, null, null),
            default => null,
        };
    }

    /** Spacers that alone break a limit were asked for by the stay; else the reading that weighs most is it. */
    private static function ofMargin(?Margin $margin, float $spacers, ?StayAsk $stay): ?self
    {
        if ($margin === null || $margin->slack() >= 0.0) {
            return null;
        }
        $isByTheStay = $stay !== null && $spacers > 0.0 && abs($margin->slack()) <= $spacers
            && in_array(Source::Spacers, array_map(fn (Term $term) => $term->source, $margin->terms()), true);
        $reading = null;
        foreach ($margin->terms() as $term) {
            if ($term->source->isReading() && abs($term->value) > abs($reading->value ?? 0.0)) {
                $reading = $term;
            }
        }

        return new self($isByTheStay ? $stay : null, $reading, $margin);
    }
}

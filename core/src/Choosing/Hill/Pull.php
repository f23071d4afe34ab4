<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hill;

use NeatSpindle\Core\Ground\Measure\Tolerance;
use NeatSpindle\Core\Holding\Catalogue\Motor;

/** How a motor fares in a gear. */
enum Pull: string
{
    case Stalls = 'stalls';
    case Labours = 'labours';
    case Pulls = 'pulls';
    case SpinsOut = 'spins_out';

    /** Below this share of its rated crank speed a motor runs hot and hungry. */
    public const LABOURS_BELOW = 0.6;

    public static function of(float $crankTorque, float $crankRpm, Motor $motor, float $riderTorque): self
    {
        return match (true) {
            Tolerance::above($crankTorque, $motor->maxTorqueNm + $riderTorque) => self::Stalls,
            Tolerance::above($crankRpm, $motor->maxCrankRpm) => self::SpinsOut,
            Tolerance::below($crankRpm, self::LABOURS_BELOW * $motor->ratedCrankRpm) => self::Labours,
            default => self::Pulls,
        };
    }

    /** The better the lower. */
    public function rank(): int
    {
        return match ($this) {
            self::Pulls => 0,
            self::Labours => 1,
            self::SpinsOut => 2,
            self::Stalls => 3,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Stalls => 'Stalls',
            self::Labours => 'Labours',
            self::Pulls => 'Pulls',
            self::SpinsOut => 'Spins out',
        };
    }
}

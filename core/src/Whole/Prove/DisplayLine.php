<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Ground\Measure\CannotReadLine;

/**
 * What a motor says on its display's line, once: `v=52.1 kmh=24.8 crank=61 nm=18.4 level=3 throttle=0 brake=-- gear=0
 * walk=0 wheel=2180 err=00`. Volts, km/h, turns a minute, N·m, percent, the wheel's circumference in mm, and the number of an error.
 */
final readonly class DisplayLine
{
    private const SHAPE = '/^v=(\d+\.\d) kmh=(\d+\.\d) crank=(\d+) nm=(\d+\.\d) level=(\d+) throttle=(\d+) brake=([L-])([R-]) gear=([01]) walk=([01]) wheel=(\d+) err=(\d\d)$/';

    private function __construct(
        public float $volts,
        public float $kmh,
        public int $crank,
        public float $nm,
        public int $level,
        public int $throttle,
        public bool $isLeftPulled,
        public bool $isRightPulled,
        public bool $isShifting,
        public bool $isWalking,
        public int $wheelMm,
        public int $error,
        public string $raw,
    ) {}

    /** @throws CannotReadLine when it is no such line */
    public static function read(string $line): self
    {
        return preg_match(self::SHAPE, $line, $said) === 1
            ? new self(
                volts: (float) $said[1],
                kmh: (float) $said[2],
                crank: (int) $said[3],
                nm: (float) $said[4],
                level: (int) $said[5],
                throttle: (int) $said[6],
                isLeftPulled: $said[7] === 'L',
                isRightPulled: $said[8] === 'R',
                isShifting: $said[9] === '1',
                isWalking: $said[10] === '1',
                wheelMm: (int) $said[11],
                error: (int) $said[12],
                raw: $line,
            )
            : throw CannotReadLine::of('motor’s display', $line);
    }

    public function isPulled(BarSide $side): bool
    {
        return $side === BarSide::Left ? $this->isLeftPulled : $this->isRightPulled;
    }

    public function isDriving(): bool
    {
        return $this->nm > 0.0;
    }

    /** Whether somebody asks the motor to drive, whatever keeps it from that. */
    public function isAsked(): bool
    {
        return $this->throttle > 0 || $this->isWalking || ($this->level > 0 && $this->crank > 0);
    }

    /** What of the brakes stands against driving, in words; null when no input says pulled. */
    public function pulled(): ?string
    {
        $sides = array_filter(BarSide::cases(), fn (BarSide $side) => $this->isPulled($side));

        return $sides === [] ? null : 'The brake’s input says pulled: '.implode(' and ', array_map(fn (BarSide $side) => $side->value, $sides)).'.';
    }
}

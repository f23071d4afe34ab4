<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Fastening;

use NeatSpindle\Core\Ground\Measure\CannotReadLine;
use NeatSpindle\Core\Ground\Measure\Tolerance;

/** What a torque wrench says of the last time it was pulled: `+038.4 Nm peak zero +000.2 due 2027-03-01`. */
final readonly class WrenchLine
{
    /** What it may show with nothing on it, as a share of what was pulled. Ours. */
    private const DRIFT = 0.02;

    private const SHAPE = '/^([+-]\d{3}\.\d) Nm (peak|click) zero ([+-]\d{3}\.\d) due (\d{4}-\d{2}-\d{2})$/';

    /**
     * @param  float  $nm the most it was pulled with, or where it clicked, in N·m
     * @param  float  $zero what it shows with nothing on it, in N·m
     * @param  string  $due the day its calibration runs out, as `2027-03-01`
     */
    private function __construct(public float $nm, public bool $hasClicked, public float $zero, public string $due) {}

    /** @throws CannotReadLine when it is no such line */
    public static function read(string $line): self
    {
        return preg_match(self::SHAPE, $line, $said) === 1
            ? new self((float) $said[1], $said[2] === 'click', (float) $said[3], $said[4])
            : throw CannotReadLine::of('torque wrench', $line);
    }

    /** Why its figure cannot be taken, in words; null when it can. */
    public function objection(): ?string
    {
        return match (true) {
            $this->nm <= 0.0 => 'The wrench was not pulled since it was last asked.',
            ! Tolerance::atMost(abs($this->zero), self::DRIFT * $this->nm) => "The wrench shows {$this->zero} N·m with nothing on it. "
                .'Set it to zero, slacken, and tighten again: what it said just now is off by as much.',
            default => null,
        };
    }

    /**
     * What is written down beside its figure; null where nothing is.
     *
     * @param  string  $today as `2026-11-26`
     */
    public function note(string $today): ?string
    {
        return $this->due < $today ? "The wrench’s calibration ran out on {$this->due}." : null;
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Line;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Sums\Margin\Verdict;

/**
 * The short chain from a twin-plate motor's pinion to its ring: how it hangs on its free run, and how far the
 * tensioner's arm may still go. What is not measured yet is null.
 */
final readonly class FirstChain
{
    /** Usual sag of a short chain that nobody lets swing, in percent of its free run; a decision of ours, said on the screen. */
    public const TAUTEST = 1.0;

    public const SLACKEST = 3.0;

    /** What the arm must still be able to go either way, in mm at its pulley; a decision of ours too. */
    public const ARM_LEAST = 5.0;

    /**
     * @param  ?Measurement  $run free of both wheels, in mm
     * @param  ?Measurement  $play how far its middle can be moved, from pressed down to lifted, in mm
     * @param  ?Measurement  $armIn how far the arm still goes towards the chain, in mm at its pulley
     * @param  ?Measurement  $armOut how far it goes away from it
     */
    public function __construct(
        private ?Measurement $run,
        private ?Measurement $play,
        private ?Measurement $armIn,
        private ?Measurement $armOut,
    ) {}

    /** In percent of the free run: half of what the middle can be moved. */
    public function sag(): ?Measurement
    {
        if ($this->run === null || $this->play === null) {
            return null;
        }
        $sag = fn (float $play, float $run): float => $play / 2 / $run * 100;
        $least = $sag($this->play->lowest(), $this->run->highest());
        $most = $sag($this->play->highest(), $this->run->lowest());

        return Measurement::within($sag($this->play->value, $this->run->value), ($most - $least) / 2);
    }

    /** @return array{float, float}|null between what the middle should move, in mm */
    public function playWanted(): ?array
    {
        return $this->run === null ? null : [
            2 * self::TAUTEST / 100 * $this->run->value,
            2 * self::SLACKEST / 100 * $this->run->value,
        ];
    }

    public function hangs(): ?Verdict
    {
        $sag = $this->sag();

        return $sag === null ? null : Verdict::ofSlack(min($sag->value - self::TAUTEST, self::SLACKEST - $sag->value), $sag->plusMinus);
    }

    public function isTooSlack(): bool
    {
        return ($this->sag()->value ?? 0.0) > (self::TAUTEST + self::SLACKEST) / 2;
    }

    /** Whether the arm is away from both its ends; by the nearer one. */
    public function arm(): ?Verdict
    {
        $ends = array_filter([$this->armIn, $this->armOut]);

        return $ends === [] ? null : Verdict::worst(...array_map(
            fn (Measurement $way) => Verdict::ofSlack($way->value - self::ARM_LEAST, $way->plusMinus),
            $ends,
        ));
    }

    /** Whether the arm has come near the end where it can take up no more. */
    public function isArmSpent(): bool
    {
        return $this->armIn !== null && $this->armIn->value < ($this->armOut->value ?? INF);
    }
}

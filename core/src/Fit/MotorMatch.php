<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fit;

use NeatSpindle\Core\Catalogue\Insert;
use NeatSpindle\Core\Catalogue\Motor;
use NeatSpindle\Core\Catalogue\Sleeve;
use NeatSpindle\Core\Line\Chainline;
use NeatSpindle\Core\Measure\Rounding;
use NeatSpindle\Core\Shell\Identification;
use NeatSpindle\Core\Shell\ShellStandard;
use NeatSpindle\Core\Stack\Footing;
use NeatSpindle\Core\Stack\SleeveStack;
use NeatSpindle\Core\Stack\SpacerPicker;
use NeatSpindle\Core\Stack\Stack;
use NeatSpindle\Core\Stack\Verdict;
use NeatSpindle\Core\Worksheet\Job;

/** One motor of the catalogue against one bike, with the whole drawer at hand. */
final readonly class MotorMatch
{
    /** @param  ?Stack  $stack null when no insert makes the shell take the motor */
    private function __construct(
        public Motor $motor,
        public ?Insert $insert,
        public ?Stack $stack,
        public ?float $weightedOffset,
    ) {}

    /**
     * Every sleeve motor of the catalogue: clear, tight, fails; then the straighter; then by code.
     *
     * @return list<self>
     */
    public static function sleeves(Job $job): array
    {
        $identification = Identification::of($job->bike->shell);
        $rows = [];
        foreach ($job->catalogue->motors as $motor) {
            if ($motor->held instanceof Sleeve) {
                $rows[] = self::of($motor, $motor->held, $job, $identification);
            }
        }
        usort($rows, fn (self $a, self $b) => $a->rank() <=> $b->rank());

        return $rows;
    }

    public function verdict(): Verdict
    {
        return $this->stack->verdict ?? Verdict::Fails;
    }

    private static function of(Motor $motor, Sleeve $sleeve, Job $job, Identification $identification): self
    {
        $standard = $identification->identified;
        $isNative = $standard !== null && $motor->isNativeTo($standard);
        $insert = $standard === null || $isNative ? null : self::firstInsert($standard, $motor, $job->catalogue->inserts);
        if (! $isNative && $insert === null) {
            return new self($motor, null, null, null);
        }
        $footing = new Footing($job->bike, $identification, $motor, $sleeve->body, $job->kit->ring, $insert);
        $stack = (new SleeveStack($footing, $sleeve, new SpacerPicker($job->catalogue->drawer)))->solve();
        $ringOutboard = $stack->ringOutboard();

        return new self(
            $motor,
            $insert,
            $stack,
            $ringOutboard === null ? null : Chainline::of($job->bike, $ringOutboard)->weightedOffset,
        );
    }

    /** @param  array<array-key, Insert>  $inserts */
    private static function firstInsert(ShellStandard $standard, Motor $motor, array $inserts): ?Insert
    {
        ksort($inserts, SORT_STRING);
        foreach ($inserts as $insert) {
            if ($insert->suits($standard, $motor)) {
                return $insert;
            }
        }

        return null;
    }

    /** @return array{int, float, string} */
    private function rank(): array
    {
        return [
            (int) array_search($this->verdict(), Verdict::cases(), true),
            $this->weightedOffset === null ? INF : Rounding::halfAway($this->weightedOffset),
            $this->motor->code,
        ];
    }
}

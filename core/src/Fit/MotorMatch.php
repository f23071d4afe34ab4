<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fit;

use BackedEnum;
use NeatSpindle\Core\Catalogue\Insert;
use NeatSpindle\Core\Catalogue\Motor;
use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Line\Chainline;
use NeatSpindle\Core\Measure\Rounding;
use NeatSpindle\Core\Shell\Identification;
use NeatSpindle\Core\Shell\ShellStandard;
use NeatSpindle\Core\Stack\DrawerPicker;
use NeatSpindle\Core\Stack\Recipe;
use NeatSpindle\Core\Stack\Recipes;
use NeatSpindle\Core\Stack\Stack;
use NeatSpindle\Core\Stack\Verdict;
use NeatSpindle\Core\Worksheet\Job;

/** One motor of the catalogue against one bike, with the whole drawer at hand. */
final readonly class MotorMatch
{
    /** @var array{int, float} */
    private array $rank;

    /**
     * @param  ?Recipe  $recipe null, as the stack is, when no insert makes the shell take the motor
     * @param  ?float  $weightedOffset in mm; null without a solved stack
     */
    private function __construct(
        public Motor $motor,
        public ?Insert $insert,
        public ?Recipe $recipe,
        public ?Stack $stack,
        public ?float $weightedOffset,
    ) {
        $this->rank = [self::grade($this->verdict()), $weightedOffset === null ? INF : Rounding::halfAway($weightedOffset)];
    }

    /**
     * Every motor of the catalogue but twin-plates, whose measures belong to one motor: clear, tight, fails;
     * then the straighter; then by code.
     *
     * @return list<self>
     */
    public static function all(Job $job, ?Identification $identification = null): array
    {
        $identification ??= Identification::of($job->bike->shell);
        $inserts = $job->catalogue->inserts;
        ksort($inserts, SORT_STRING);
        $rows = [];
        foreach ($job->catalogue->motors as $motor) {
            if ($motor->mount() !== Mount::TwinPlate) {
                $rows[] = self::of($motor, $job, $identification, $inserts);
            }
        }
        usort($rows, fn (self $a, self $b) => $a->rank <=> $b->rank ?: strcmp($a->motor->code, $b->motor->code));

        return $rows;
    }

    public function verdict(): Verdict
    {
        return $this->stack->verdict ?? Verdict::Fails;
    }

    /** What stands in the way most, in the worksheet's word; null when it is clear. */
    public function limitedBy(): ?string
    {
        $reason = $this->stack === null ? 'no_insert' : $this->stack->limitedBy();

        return $reason instanceof BackedEnum ? (string) $reason->value : $reason;
    }

    /** @param  array<array-key, Insert>  $inserts by code, in order */
    private static function of(Motor $motor, Job $job, Identification $identification, array $inserts): self
    {
        $standard = $identification->identified;
        $isNative = $standard !== null && $motor->isNativeTo($standard);
        $insert = $standard === null || $isNative ? null : self::firstInsert($standard, $motor, $inserts);
        if (! $isNative && $insert === null) {
            return new self($motor, null, null, null, null);
        }
        $recipe = Recipes::for($job->bike, $identification, $motor, $job->kit->ring, $insert);
        $stack = $recipe->solve(new DrawerPicker($job->catalogue->drawer));
        $ringOutboard = $stack->ringOutboard();

        return new self(
            $motor,
            $insert,
            $recipe,
            $stack,
            $ringOutboard === null ? null : Chainline::of($job->bike, $ringOutboard)->weightedOffset,
        );
    }

    /** @param  array<array-key, Insert>  $inserts */
    private static function firstInsert(ShellStandard $standard, Motor $motor, array $inserts): ?Insert
    {
        foreach ($inserts as $insert) {
            if ($insert->suits($standard, $motor)) {
                return $insert;
            }
        }

        return null;
    }

    private static function grade(Verdict $verdict): int
    {
        return match ($verdict) {
            Verdict::Clear => 0,
            Verdict::Tight => 1,
            Verdict::Fails => 2,
        };
    }
}

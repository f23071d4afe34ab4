<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Fit;

use BackedEnum;
use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Ground\Measure\Rounding;
use NeatSpindle\Core\Holding\Catalogue\Catalogue;
use NeatSpindle\Core\Holding\Catalogue\Motor;
use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Holding\Mount\Site;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\DrawerPicker;
use NeatSpindle\Core\Parts\Part\Insert;
use NeatSpindle\Core\Parts\Part\Ring;
use NeatSpindle\Core\Sums\Line\Chainline;
use NeatSpindle\Core\Sums\Margin\Verdict;

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
     * Every motor of the catalogue but those whose mount is measured for one motor alone: clear, tight, fails;
     * then the straighter; then by code.
     *
     * @return list<self>
     */
    public static function all(Bike $bike, Identification $shell, Ring $ring, Catalogue $catalogue): array
    {
        $inserts = $catalogue->insertsInOrder();
        $site = new Site($bike, $ring);
        $rows = [];
        foreach (self::judged($catalogue) as $motor) {
            $insert = self::insert($motor, $shell->identified, $inserts);
            $rows[] = $insert === false ? new self($motor, null, null, null, null) : self::of($motor, $site, $shell->identified, $insert, $catalogue->drawer);
        }
        usort($rows, fn (self $a, self $b) => $a->rank <=> $b->rank ?: strcmp($a->motor->code, $b->motor->code));

        return $rows;
    }

    /**
     * In which shells, of those a bike's may be, each motor would go. What stands on the shell's kind is only the insert, so
     * a motor is built up once for each insert it might need, not for each shell.
     *
     * @param  list<ShellStandard>  $standards
     * @return array<array-key, list<ShellStandard>> by the motor's code; none where it goes in none
     */
    public static function goesIn(array $standards, Bike $bike, Ring $ring, Catalogue $catalogue): array
    {
        $inserts = $catalogue->insertsInOrder();
        $site = new Site($bike, $ring);
        $goes = [];
        foreach (self::judged($catalogue) as $motor) {
            $verdicts = [];
            foreach ($standards as $standard) {
                $insert = self::insert($motor, $standard, $inserts);
                if ($insert !== false) {
                    $with = $insert === null ? 'none' : "insert {$insert->code}";
                    $verdicts[$with] ??= self::of($motor, $site, $standard, $insert, $catalogue->drawer)->verdict();
                    if ($verdicts[$with] !== Verdict::Fails) {
                        $goes[$motor->code][] = $standard;
                    }
                }
            }
        }

        return $goes;
    }

    /**
     * A motor in the likeliest of the shells a bike's may be, so that it can be told what stands in its way whichever that is;
     * null where no insert would make any of them take it.
     *
     * @param  list<ShellStandard>  $standards
     */
    public static function likeliest(Motor $motor, array $standards, Bike $bike, Ring $ring, Catalogue $catalogue): ?self
    {
        [$inserts, $site, $best] = [$catalogue->insertsInOrder(), new Site($bike, $ring), null];
        foreach ($standards as $standard) {
            $insert = self::insert($motor, $standard, $inserts);
            $match = $insert === false ? null : self::of($motor, $site, $standard, $insert, $catalogue->drawer);
            $best = $match === null || ($best !== null && ($best->rank <=> $match->rank) <= 0) ? $best : $match;
        }

        return $best;
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

    /** @return list<Motor> those that can be judged without measures of their own */
    private static function judged(Catalogue $catalogue): array
    {
        return array_values(array_filter($catalogue->motors, fn (Motor $motor) => $motor->mount()->measuresKey() === null));
    }

    private static function of(Motor $motor, Site $site, ?ShellStandard $standard, ?Insert $insert, Drawer $drawer): self
    {
        $recipe = $motor->on($site, $standard, $insert);
        $stack = $recipe?->solve(new DrawerPicker($drawer));
        $outboard = $stack?->ringOutboard();

        return new self($motor, $insert, $recipe, $stack, $outboard === null ? null : Chainline::weightedOffset($site->bike, $outboard));
    }

    /**
     * The first insert that makes a shell take a motor; null when it needs none, false when none does.
     *
     * @param  array<array-key, Insert>  $inserts by code, in order
     */
    private static function insert(Motor $motor, ?ShellStandard $standard, array $inserts): Insert|false|null
    {
        if ($standard === null) {
            return false;
        }
        if ($motor->isNativeTo($standard)) {
            return null;
        }
        foreach ($inserts as $insert) {
            if ($insert->suits($standard, $motor->code)) {
                return $insert;
            }
        }

        return false;
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

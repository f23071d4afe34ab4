<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Fit;

use NeatSpindle\Core\Choosing\Order\Shortage;
use NeatSpindle\Core\Donor\Bike\Doubtful;
use NeatSpindle\Core\Donor\Bike\Scenario;
use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\DrawerPicker;
use NeatSpindle\Core\Sums\Margin\Verdict;

/**
 * What may still become of a match: whether the answer can turn once the doubtful readings are firm, which
 * reading would settle it, and what to buy to make it go.
 *
 * Judged at the ends of the doubt: each reading alone, and all of them together at their kindest and harshest.
 */
final readonly class Prospect
{
    /**
     * @param  bool  $mayTurn whether the answer can turn from going to not going, or back
     * @param  ?Shortage  $shortage what to buy; null when nothing to buy helps or is needed
     */
    private function __construct(
        public Standing $standing,
        public bool $mayTurn,
        public ?Shortage $shortage,
        private ?Recipe $recipe = null,
        private ?Drawer $drawer = null,
    ) {}

    public static function of(MotorMatch $match, Drawer $drawer): self
    {
        if ($match->recipe === null || $match->stack === null) {
            return new self(Standing::DoesNot, false, null);
        }
        $goes = $match->verdict() !== Verdict::Fails;
        $mayTurn = $match->verdict() !== Verdict::Clear && self::mayTurn($match->recipe, $goes, $drawer);
        $shortage = $goes ? null : self::shortage($match->recipe, $drawer);

        return new self(
            match (true) {
                $goes => Standing::Goes,
                $shortage !== null || $mayTurn => Standing::Nearly,
                default => Standing::DoesNot,
            },
            $mayTurn,
            $shortage,
            $match->recipe,
            $drawer,
        );
    }

    /** @return list<Doubtful> readings of which one alone decides, where the answer may turn; worked out when asked for */
    public function settledBy(): array
    {
        [$recipe, $drawer] = [$this->recipe, $this->drawer];
        if (! $this->mayTurn || $recipe === null || $drawer === null) {
            return [];
        }
        $deciding = [];
        foreach ([Doubtful::Width, Doubtful::Chainstay, Doubtful::Bore, Doubtful::Guide] as $reading) {
            if (self::goes($recipe, Scenario::at([$reading->value => -1.0]), $drawer) !== self::goes($recipe, Scenario::at([$reading->value => 1.0]), $drawer)) {
                $deciding[] = $reading;
            }
        }

        return $deciding;
    }

    private static function mayTurn(Recipe $recipe, bool $goes, Drawer $drawer): bool
    {
        foreach ([-1.0, 1.0] as $width) {
            if (self::goes($recipe, $goes ? Scenario::harsh($width) : Scenario::kind($width), $drawer) !== $goes) {
                return true;
            }
        }

        return false;
    }

    private static function goes(Recipe $recipe, Scenario $scenario, Drawer $drawer): bool
    {
        return $recipe->settled($scenario)->solve(new DrawerPicker($drawer))->verdict !== Verdict::Fails;
    }

    private static function shortage(Recipe $recipe, Drawer $drawer): ?Shortage
    {
        $shortage = Shortage::of($recipe, $drawer);

        return $shortage->isNone() || $shortage->stack->verdict === Verdict::Fails ? null : $shortage;
    }
}

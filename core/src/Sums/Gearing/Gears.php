<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Gearing;

use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Parts\Part\Ring;

use function count;

/** Every gear of a bike with one ring, cog by cog and hub ratio by hub ratio. */
final readonly class Gears
{
    /** Two gears nearer than this are one to the legs. */
    private const SAME_WITHIN = 0.01;

    /** @param  non-empty-list<Gear>  $gears smallest cog first */
    private function __construct(public array $gears) {}

    public static function of(Bike $bike, Ring $ring): self
    {
        $gears = [];
        foreach ($bike->rear->cogs as $cog) {
            foreach ($bike->rear->hubRatios as $hub) {
                $ratio = $ring->teeth / $cog * $hub;
                $gears[] = new Gear($cog, $hub, $ratio, $ratio * $bike->wheelCircumference / 1000);
            }
        }

        return new self($gears);
    }

    /** Whether some gear is made by a hub. */
    public function haveHub(): bool
    {
        return array_filter($this->gears, fn (Gear $gear) => $gear->hubRatio !== 1.0) !== [];
    }

    /** The largest ratio over the smallest, in percent. */
    public function rangePercent(): float
    {
        $ratios = array_map(fn (Gear $gear) => $gear->ratio, $this->gears);

        return max($ratios) / min($ratios) * 100;
    }

    public function lowest(): Gear
    {
        return array_reduce($this->gears, fn (Gear $lowest, Gear $gear) => self::order($gear, $lowest) < 0 ? $gear : $lowest, $this->gears[0]);
    }

    public function highest(): Gear
    {
        return array_reduce($this->gears, fn (Gear $highest, Gear $gear) => self::order($gear, $highest) > 0 ? $gear : $highest, $this->gears[0]);
    }

    /** @return non-empty-list<Gear> the lowest first; of several alike the one with the smaller cog */
    public function inOrder(): array
    {
        $gears = $this->gears;
        usort($gears, self::order(...));

        return $gears;
    }

    /** @return non-empty-list<Gear> in order, each at least one percent from the one before: what a rider can tell apart */
    public function merged(): array
    {
        $gears = $this->inOrder();
        $merged = [$gears[0]];
        foreach ($gears as $gear) {
            if ($gear->development > $merged[count($merged) - 1]->development * (1 + self::SAME_WITHIN)) {
                $merged[] = $gear;
            }
        }

        return $merged;
    }

    /**
     * From each merged gear to the next, in percent.
     *
     * @return list<float>
     */
    public function steps(): array
    {
        $steps = [];
        $before = null;
        foreach ($this->merged() as $gear) {
            if ($before !== null) {
                $steps[] = ($gear->development / $before->development - 1) * 100;
            }
            $before = $gear;
        }

        return $steps;
    }

    private static function order(Gear $one, Gear $other): int
    {
        return $one->development <=> $other->development ?: $one->cog <=> $other->cog;
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Line;

use NeatSpindle\Core\Catalogue\Ring;
use NeatSpindle\Core\Gearing\Gears;
use NeatSpindle\Core\Hill\Climb;
use NeatSpindle\Core\Stack\DrawerPicker;
use NeatSpindle\Core\Stack\Recipes;
use NeatSpindle\Core\Worksheet\Worksheet;

/**
 * Every ring of the catalogue on this bike with the chosen motor, each with the stack the drawer makes for it.
 * First those that climb the hill that is asked about and that no other beats; then the rest; those that are
 * out last.
 */
final readonly class RingChoice
{
    /**
     * @param  list<RingOption>  $options in order
     * @param  array<array-key, true>  $undominated by the ring's code
     */
    private function __construct(public array $options, private array $undominated) {}

    /** @param  array<array-key, bool>|null  $boltsOn by the ring's code, whether it can be bolted on; null: every ring can. Rings that are not named are left out. */
    public static function of(Worksheet $sheet, ?array $boltsOn = null): self
    {
        $rings = $boltsOn === null ? $sheet->job->catalogue->rings : array_intersect_key($sheet->job->catalogue->rings, $boltsOn);
        $options = array_values(array_map(fn (Ring $ring) => self::option($ring, $sheet, $boltsOn[$ring->code] ?? true), $rings));
        $standing = array_filter($options, fn (RingOption $one) => ! $one->isOut());
        $undominated = [];
        foreach ($standing as $one) {
            if (array_filter($standing, fn (RingOption $other) => $other->climbs() >= $one->climbs() && $other->beats($one)) === []) {
                $undominated[$one->ring->code] = true;
            }
        }
        usort($options, fn (RingOption $a, RingOption $b) => self::rank($a, $undominated) <=> self::rank($b, $undominated));

        return new self($options, $undominated);
    }

    /** Whether no other ring is better in something and no worse in anything. */
    public function isUndominated(RingOption $option): bool
    {
        return isset($this->undominated[$option->ring->code]);
    }

    /** The ring to fit for the hill that is asked about: the straightest that climbs it; null when none does. */
    public function forTheHill(): ?RingOption
    {
        foreach ($this->options as $option) {
            if (! $option->isOut() && $option->climbs()) {
                return $option;
            }
        }

        return null;
    }

    /**
     * @param  array<array-key, true>  $undominated
     * @return array{bool, bool, bool, float, string}
     */
    private static function rank(RingOption $option, array $undominated): array
    {
        return [$option->isOut(), ! $option->climbs(), ! isset($undominated[$option->ring->code]), $option->offset ?? INF, $option->ring->code];
    }

    private static function option(Ring $ring, Worksheet $sheet, bool $boltsOn): RingOption
    {
        $job = $sheet->job;
        $recipe = Recipes::for($job->bike, $sheet->identification, $job->kit->motor, $ring, $job->kit->insert);
        $stack = $recipe->solve(new DrawerPicker($job->catalogue->drawer));
        $outboard = $stack->ringOutboard();
        $gears = Gears::of($job->bike, $ring);

        return new RingOption(
            $ring,
            $stack,
            $outboard === null ? null : Chainline::of($job->bike, $outboard)->weightedOffset,
            $gears,
            $job->hill === null ? null : Climb::of($job->kit->motor, $gears, $job->hill->load, $job->hill->gradePercent),
            $job->kit->motor,
            $boltsOn,
        );
    }
}

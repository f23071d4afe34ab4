<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Fit;

use NeatSpindle\Core\Choosing\Hill\Climb;
use NeatSpindle\Core\Holding\Mount\Site;
use NeatSpindle\Core\Parts\Drawer\DrawerPicker;
use NeatSpindle\Core\Parts\Part\Ring;
use NeatSpindle\Core\Sums\Gearing\Gears;
use NeatSpindle\Core\Sums\Line\Chainline;

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

    /**
     * @param  array<array-key, Ring>  $rings
     * @param  array<array-key, bool>|null  $boltsOn by the ring's code, whether it can be bolted on; null: every ring can. Rings that are not named are left out.
     */
    public static function of(Trial $trial, array $rings, ?array $boltsOn = null): self
    {
        $rings = $boltsOn === null ? $rings : array_intersect_key($rings, $boltsOn);
        $options = array_values(array_filter(array_map(fn (Ring $ring) => self::option($ring, $trial, $boltsOn[$ring->code] ?? true), $rings)));
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

    /** Null while the bike lacks what is measured for the motor's mount alone. */
    private static function option(Ring $ring, Trial $trial, bool $boltsOn): ?RingOption
    {
        $stack = $trial->motor->on(new Site($trial->bike, $ring), $trial->shell->identified, $trial->insert)?->solve(new DrawerPicker($trial->drawer));
        $outboard = $stack?->ringOutboard();
        $gears = Gears::of($trial->bike, $ring);

        return $stack === null ? null : new RingOption(
            $ring,
            $stack,
            $outboard === null ? null : Chainline::weightedOffset($trial->bike, $outboard),
            $gears,
            $trial->hill === null ? null : Climb::of($trial->motor, $gears, $trial->hill->load, $trial->hill->gradePercent),
            $trial->motor,
            $boltsOn,
        );
    }
}

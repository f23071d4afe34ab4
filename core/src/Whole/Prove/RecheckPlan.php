<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use NeatSpindle\Core\Holding\Build\BuildStep;

/** What is looked at when a bike comes back: every fastener with its torque as it is found, before it is tightened, and what wears. */
final readonly class RecheckPlan
{
    /** What is looked at beside fasteners, by its code. */
    public const BESIDE = ['ties' => 'Ties and leads', 'chain-wear' => 'Chain, ring and cogs', 'plugs' => 'Plugs and seals', 'brakes' => 'Brakes, and that they cut the motor'];

    /** @param  array<string, string>  $items titles by code, in the order they are looked at */
    private function __construct(public array $items) {}

    /** @param  list<BuildStep>  $steps of the sheet as it was built */
    public static function of(array $steps): self
    {
        $fastened = array_filter($steps, fn (BuildStep $step) => $step->fastener !== null);

        return new self(array_combine(
            array_map(fn (BuildStep $step) => $step->code, $fastened), array_map(fn (BuildStep $step) => $step->title, $fastened),
        ) + self::BESIDE);
    }

    /**
     * As it was kept when the bike left, whatever its sheet would be now.
     *
     * @param  array<string, string>  $items titles by code
     */
    public static function kept(array $items): self
    {
        return new self($items);
    }

    /**
     * What was found the same way twice or more: no accident any longer, but something the next builder of such a frame
     * should know.
     *
     * @param  list<array<string, Found>>  $rechecks what was found each time, by the thing's code, the oldest first
     * @return array<string, array{Found, int}> what it was found like the last time, and how often it was bad, by the thing's code
     */
    public static function findings(array $rechecks): array
    {
        $bad = [];
        foreach ($rechecks as $found) {
            foreach ($found as $code => $how) {
                if ($how->isBad()) {
                    $bad[$code] = [$how, ($bad[$code][1] ?? 0) + 1];
                }
            }
        }

        return array_filter($bad, fn (array $one) => $one[1] >= 2);
    }
}

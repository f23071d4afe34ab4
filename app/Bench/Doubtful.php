<?php

declare(strict_types=1);

namespace App\Bench;

use NeatSpindle\Core\Measuring\Survey\Contradiction;
use NeatSpindle\Core\Measuring\Survey\Improbable;
use NeatSpindle\Core\Measuring\Survey\Spot;

/** Spots whose readings somebody should look at again: two that cannot both be right, or one that such a bike usually has not. */
final readonly class Doubtful implements FromJob
{
    /** What is unusual weighs more than what goes with something else alone. */
    private const UNUSUAL = 10;

    /** @param  list<Spot>  $spots  the likeliest to be wrong first */
    private function __construct(private array $spots) {}

    public static function of(OpenJob $open): static
    {
        $findings = $open->findings;
        [$kind, $lengths, $width] = [$open->job->bike->kind, $findings->lengths(), $findings->shellWidth()?->value];
        [$cups, $flange] = [$findings->measurement(Spot::CupsWidth), $findings->measurement(Spot::CupFlange)];
        $weights = [];
        foreach ($open->walk()->spots as $spot) {
            $mm = $lengths[$spot->value] ?? null;
            $contradiction = $mm === null ? null : Contradiction::of($spot, $mm, $lengths, $kind);
            foreach ($contradiction === null ? [] : [$spot, $contradiction->other] as $one) {
                $weights[$one->value] = ($weights[$one->value] ?? 0) + 1;
            }
            if ($mm !== null && Improbable::reading($kind, $spot, $mm, $width, $cups, $flange) !== null) {
                $weights[$spot->value] = ($weights[$spot->value] ?? 0) + self::UNUSUAL;
            }
        }
        arsort($weights);

        return new self(array_map(Spot::from(...), array_keys($weights)));
    }

    /** The next one of them but this; null where there is no other. */
    public function after(Spot $spot): ?Spot
    {
        $others = array_values(array_filter($this->spots, fn (Spot $one) => $one !== $spot));

        return $others[0] ?? null;
    }
}

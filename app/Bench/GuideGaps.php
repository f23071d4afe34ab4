<?php

declare(strict_types=1);

namespace App\Bench;

use App\Assembly\BracingChoice;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function array_filter;
use function count;

/** The guide under the shell as it is measured, against the gap each motor leaves there. */
final readonly class GuideGaps implements FromJob
{
    /**
     * @param  list<array{name: string, gap: float, margin: ?Margin}>  $all  in mm; margins null while the guide is not measured
     * @param  bool  $isInTheWay  of the chosen motor, or, while none is chosen, of every one that has a gap there
     */
    private function __construct(public array $all, public bool $isInTheWay) {}

    public static function of(OpenJob $open): static
    {
        $guide = $open->findings->measurement(Spot::GuideDepth);
        [$chosen, $all, $against] = [$open->motor(), [], []];
        foreach ($open->catalogue->parts->motors as $motor) {
            $gap = $motor->part->held->bodyGap();
            if ($gap === null) {
                continue;
            }
            $margin = $guide === null ? null : Margin::guideClearance($gap, $guide);
            $all[] = ['name' => $motor->name, 'gap' => $gap, 'margin' => $margin];
            if ($chosen === null || ($motor->id === $chosen->id && BracingChoice::of($open->job->kit, $chosen)->position() !== BodyPosition::Above)) {
                $against[] = $margin?->verdict === Verdict::Fails;
            }
        }

        return new self($all, $against !== [] && count(array_filter($against)) === count($against));
    }
}

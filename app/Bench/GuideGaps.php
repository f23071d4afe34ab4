<?php

declare(strict_types=1);

namespace App\Bench;

use App\Assembly\BracingChoice;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function array_column;
use function array_map;
use function max;

/** The guide under the shell as it is measured, against the gap each motor leaves there. */
final readonly class GuideGaps implements FromJob
{
    /**
     * @param  list<array{name: string, gap: float}>  $gaps  in mm; none of a motor whose body is not held so
     * @param  ?float  $room  what the chosen motor leaves, or, while none is chosen, the roomiest; null where none is asked about
     */
    private function __construct(private ?Measurement $guide, private array $gaps, private ?float $room) {}

    public static function of(OpenJob $open): static
    {
        $gaps = [];
        foreach ($open->catalogue->parts->motors as $motor) {
            $gap = $motor->part->held->bodyGap();
            $gap === null ?: $gaps[] = ['name' => $motor->name, 'gap' => $gap];
        }
        $chosen = $open->motor();
        $room = match (true) {
            $chosen === null => $gaps === [] ? null : max(array_column($gaps, 'gap')),
            BracingChoice::of($open->job->kit, $chosen)->position() === BodyPosition::Above => null,
            default => $chosen->part->held->bodyGap(),
        };

        return new self($open->findings->measurement(Spot::GuideDepth), $gaps, $room);
    }

    /** Whether it is in the way of the chosen motor, or, while none is chosen, of every one. */
    public function isInTheWay(): bool
    {
        return $this->room !== null && $this->margin($this->room)?->verdict === Verdict::Fails;
    }

    /** @return list<array{name: string, gap: float, margin: ?Margin}> margins null while the guide is not measured */
    public function all(): array
    {
        return array_map(fn (array $one) => [...$one, 'margin' => $this->margin($one['gap'])], $this->gaps);
    }

    private function margin(float $gap): ?Margin
    {
        return $this->guide === null ? null : Margin::guideClearance($gap, $this->guide);
    }
}

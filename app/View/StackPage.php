<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Spacer;
use App\Models\Stage;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Bike\ProfilePoint;
use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Stack\Footing;
use NeatSpindle\Core\Stack\Margin;
use NeatSpindle\Core\Stack\MarginName;
use NeatSpindle\Core\Stack\Place;
use NeatSpindle\Core\Stack\Stack;
use NeatSpindle\Core\Survey\SurveyPlan;

use function in_array;

class StackPage extends JobPage
{
    public function stage(): Stage
    {
        return Stage::Stack;
    }

    public function stack(): ?Stack
    {
        return $this->sheet->chosenWorksheet()?->stack;
    }

    /** What stands in the way; null when nothing does. */
    public function obstacle(): ?string
    {
        $stack = $this->stack();

        return $stack === null ? null : Obstacle::of($stack, $this->unit);
    }

    /** @return list<Place> */
    public function places(): array
    {
        return Mount::Sleeve->places();
    }

    public function isByHand(Place $place): bool
    {
        return isset($this->job->kit?->by_hand[$place->value]);
    }

    public function isAnyByHand(): bool
    {
        return ($this->job->kit->by_hand ?? []) !== [];
    }

    /** @return list<float>|null the pieces in a place, thickest first; null when nothing suits or it was not reached */
    public function pieces(Place $place): ?array
    {
        return $this->stack()?->spacers[$place->value]->pieces ?? $this->handPieces($place);
    }

    /** A piece's thickness in the person's unit, without needless zeros: `1.6`. */
    public function bare(float $mm): string
    {
        return (string) round($this->unit->fromMm($mm), 3);
    }

    /** What the rule asks for in a place, in the person's unit. */
    public function needed(Place $place): ?string
    {
        $needed = $this->stack()?->needed[$place->value] ?? null;

        return $needed === null ? null : $this->unit->show($needed);
    }

    /** @return Collection<int, Spacer> what the drawer has for a place */
    public function fromDrawer(Place $place): Collection
    {
        return $this->sheet->catalogue->spacers->filter(
            fn (Spacer $spacer) => $spacer->quantity > 0 && in_array($place->use()->value, $spacer->uses, true),
        )->unique('thickness_mm');
    }

    /** The spot to measure again to turn a tight margin into an answer. */
    public function spotBehind(Margin $margin): string
    {
        return match ($margin->name) {
            MarginName::BoreClearance => 'shell_bore',
            MarginName::GuideClearance => 'guide_depth',
            MarginName::CaseToChainstay => self::staySpot($this->footing()->casePoints ?? []),
            MarginName::RingToChainstay => self::staySpot($this->footing()->ringPoints ?? []),
            default => 'shell_width',
        };
    }

    private function footing(): ?Footing
    {
        return $this->sheet->chosenWorksheet()?->footing;
    }

    /** @return list<float>|null */
    private function handPieces(Place $place): ?array
    {
        $pieces = $this->job->kit->by_hand[$place->value] ?? null;
        if ($pieces !== null) {
            rsort($pieces);
        }

        return $pieces;
    }

    /** @param  list<ProfilePoint>  $points */
    private static function staySpot(array $points): string
    {
        $radius = Footing::foremost($points)->radius ?? 45.0;
        $nearest = 45;
        foreach (SurveyPlan::STAY_RADII as $measured) {
            $nearest = abs($measured - $radius) < abs($nearest - $radius) ? $measured : $nearest;
        }

        return "stay_{$nearest}";
    }
}

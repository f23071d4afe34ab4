<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\JobSheet;
use App\Models\KitChange;
use App\Models\Spacer;
use App\Models\Stage;
use App\View\Drawings\Detail;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Bike\TwinPlateMeasures;
use NeatSpindle\Core\Catalogue\TwinPlate;
use NeatSpindle\Core\Line\FirstChain;
use NeatSpindle\Core\Reaction\Bracing;
use NeatSpindle\Core\Stack\Margin;
use NeatSpindle\Core\Stack\Place;
use NeatSpindle\Core\Stack\Source;
use NeatSpindle\Core\Stack\Stack;
use NeatSpindle\Core\Stack\Term;
use NeatSpindle\Core\Stack\Why;
use NeatSpindle\Core\Survey\SurveyPlan;

use function in_array;
use function is_string;

class StackPage extends JobPage
{
    /** @var Collection<int, KitChange>|null */
    private ?Collection $changes = null;

    /** @var array<string, Collection<int, Spacer>> */
    private array $stock = [];

    /** @param  mixed  $detail  which part of the section to look at, from the address */
    public function __construct(JobSheet $sheet, private readonly mixed $detail = null)
    {
        parent::__construct($sheet);
    }

    public function stage(): Stage
    {
        return Stage::Stack;
    }

    public function detail(): Detail
    {
        return Detail::tryFrom(is_string($this->detail) ? $this->detail : '') ?? Detail::Whole;
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
        return $this->stack()?->mount->places() ?? [];
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
        $stack = $this->stack();
        $needed = $stack?->needed[$place->value] ?? $stack?->needed["{$place->value}_at_most"] ?? null;

        return $needed === null ? null : $this->unit->show($needed);
    }

    /** Whether a place is filled up to what there is room for, rather than from what is needed. */
    public function isGap(Place $place): bool
    {
        return ! in_array($place, [Place::Drive, Place::Nut], true) && ! ($place === Place::Plate && $this->stack()?->mount->value === 'sleeve');
    }

    /** @return Collection<int, Spacer> what the drawer has for a place, one of each thickness, thinnest first */
    public function fromDrawer(Place $place): Collection
    {
        return $this->stock[$place->value] ??= $this->sheet->catalogue->spacers->filter(fn (Spacer $spacer) => $spacer->available() > 0 && $spacer->serves($place))->unique('thickness_mm')->values();
    }

    /** The next thickness down or up from a piece that the drawer has; null at the end. */
    public function next(Place $place, float $mm, bool $isThicker): ?float
    {
        $next = null;
        foreach ($this->fromDrawer($place) as $spacer) {
            $other = $spacer->thickness_mm;
            if ($isThicker && $other > $mm + 1e-6) {
                return $other;
            }
            $next = $other < $mm - 1e-6 ? $other : $next;
        }

        return $isThicker ? null : $next;
    }

    /** @return array<string, string> what the person sees in each place, as an edit sends it along */
    public function seen(): array
    {
        $seen = [];
        foreach ($this->places() as $place) {
            $seen[$place->value] = implode(' ', $this->pieces($place) ?? []);
        }

        return $seen;
    }

    public function why(Margin $margin): ?Why
    {
        return $this->sheet->chosenWorksheet()?->why($margin->name);
    }

    /** The spot of the survey where a figure was read; null where it was not read at all. */
    public function spot(Term $term): ?string
    {
        return match ($term->source) {
            Source::ShellWidth => 'shell_width',
            Source::ShellBore => 'shell_bore',
            Source::GuideDepth => 'guide_depth',
            Source::Chainstay => self::staySpot($term->radius ?? 45.0),
            Source::RingToPlate, Source::PinionToFace, Source::CrankGap => $term->source->value,
            Source::Catalogue, Source::Spacers, Source::Rule => null,
        };
    }

    /** The change that would be taken back next; null when there is none. */
    public function lastChange(): ?KitChange
    {
        return $this->changes()->whereNull('undone_at')->last();
    }

    /** The change that would be made again next; null when there is none. */
    public function nextChange(): ?KitChange
    {
        return $this->changes()->whereNotNull('undone_at')->first();
    }

    public function bracing(): ?Bracing
    {
        return $this->sheet->bracing();
    }

    public function twinPlate(): ?TwinPlate
    {
        $held = $this->sheet->chosenWorksheet()?->job->kit->motor->held;

        return $held instanceof TwinPlate ? $held : null;
    }

    public function firstChain(): FirstChain
    {
        return new FirstChain(...array_map($this->sheet->findings->measurement(...), ['first_chain_run', 'first_chain_play', 'arm_in', 'arm_out']));
    }

    public function plateMeasures(): ?TwinPlateMeasures
    {
        return $this->sheet->chosenWorksheet()?->job->bike->twinPlate;
    }

    /** @return Collection<int, KitChange> the latest changes that stand, oldest first */
    private function changes(): Collection
    {
        return $this->changes ??= KitChange::standingFor($this->job)->with('user')->latest('id')->limit(12)->get()->reverse()->values();
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

    private static function staySpot(float $radius): string
    {
        $nearest = SurveyPlan::STAY_RADII[0];
        foreach (SurveyPlan::STAY_RADII as $measured) {
            $nearest = abs($measured - $radius) < abs($nearest - $radius) ? $measured : $nearest;
        }

        return "stay_{$nearest}";
    }
}

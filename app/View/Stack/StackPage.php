<?php

declare(strict_types=1);

namespace App\View\Stack;

use App\Bench\Checks;
use App\Bench\OpenJob;
use App\Models\Stage;
use App\View\Drawings\Detail;
use App\View\Job\JobPage;
use App\View\Job\LooksIntoLogbook;
use App\View\Job\Obstacle;
use NeatSpindle\Core\Donor\Bike\TwinPlateMeasures;
use NeatSpindle\Core\Holding\Build\Gate;
use NeatSpindle\Core\Holding\Mount\Reach;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Holding\Reaction\Bracing;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Sums\Line\FirstChain;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\Term;
use NeatSpindle\Core\Sums\Margin\Why;

use function is_string;

class StackPage extends JobPage
{
    use LooksIntoLogbook;

    private ?KitHistory $history = null;

    /** @var array<string, list<float>> */
    private array $stock = [];

    /** @param  mixed  $detail  which part of the section to look at, from the address */
    public function __construct(OpenJob $opened, private readonly mixed $detail = null)
    {
        parent::__construct($opened);
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
        return $this->opened->worksheet()?->stack;
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
        return $this->stack()?->mount->fillsRoom($place) === true;
    }

    /** @return list<float> thicknesses the drawer has for a place, in mm, thinnest first */
    public function fromDrawer(Place $place): array
    {
        return $this->stock[$place->value] ??= array_map(
            fn (int $hundredths) => $hundredths / 100,
            array_reverse(array_keys($this->opened->catalogue->core()->drawer->stock($place->use()))),
        );
    }

    /** The next thickness down or up from a piece that the drawer has; null at the end. */
    public function next(Place $place, float $mm, bool $isThicker): ?float
    {
        $next = null;
        foreach ($this->fromDrawer($place) as $other) {
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
        return $this->opened->worksheet()?->why($margin->name);
    }

    /** The spot of the survey where a figure was read; null where it was not read at all. */
    public function spot(Term $term): ?string
    {
        return Spot::whereRead($term->source, $term->radius)?->value;
    }

    /** Whether the workshop's socket reaches the nut; null where that is no question, or not known. */
    public function reach(): ?Reach
    {
        return $this->opened->worksheet()?->reach;
    }

    public function history(): KitHistory
    {
        return $this->history ??= KitHistory::of($this->job);
    }

    public function bracing(): ?Bracing
    {
        return $this->opened->bracing();
    }

    /** @return list<Gate> what has to be looked at by hand before torque goes on */
    public function gates(): array
    {
        return $this->opened->the(Checks::class)->byHand;
    }

    /** The views that are particular to the mount lie in a folder of their own. */
    public function mountView(string $part): string
    {
        return 'components.mount.'.($this->stack()?->mount->code() ?? 'none').'.'.$part;
    }

    public function firstChain(): FirstChain
    {
        return new FirstChain(
            ...array_map($this->opened->findings->measurement(...), [Spot::FirstChainRun, Spot::FirstChainPlay, Spot::ArmIn, Spot::ArmOut]),
        );
    }

    public function plateMeasures(): ?TwinPlateMeasures
    {
        return $this->opened->worksheet()?->job->bike->twinPlate;
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
}

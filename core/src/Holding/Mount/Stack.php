<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\Filling;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\Spacers;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Verdict;

/** The outcome of building up a stack: what it takes, what is left, and whether it goes. In mm. */
final readonly class Stack
{
    /** @var array<string, ?Spacers> by place; null where the drawer has nothing that suits */
    public array $spacers;

    /**
     * @param  list<Note>  $notes
     * @param  array<string, float>  $base what it is built on, by the worksheet's names: the effective width, the seat
     * @param  array<string, float>  $needed by place, what is known by then
     * @param  list<Margin>  $margins
     */
    private function __construct(
        public Mount $mount,
        public Verdict $verdict,
        public ?Unsolved $unsolved,
        public array $notes,
        public array $base,
        public array $needed,
        public Filling $filling,
        public array $margins,
        public ?Arrangement $arrangement,
    ) {
        $this->spacers = $filling->spacers;
    }

    /**
     * @param  list<Note>  $notes
     * @param  array<string, float>  $base
     * @param  array<string, float>  $needed
     */
    public static function unsolved(Mount $mount, Unsolved $step, array $notes, array $base, array $needed): self
    {
        return new self(
            mount: $mount,
            verdict: Verdict::Fails,
            unsolved: $step,
            notes: $notes,
            base: $base,
            needed: $needed,
            filling: Filling::none(),
            margins: [],
            arrangement: null,
        );
    }

    /**
     * @param  list<Note>  $notes
     * @param  array<string, float>  $base
     * @param  array<string, float>  $needed
     * @param  list<?Margin>  $margins null for one whose input is absent
     */
    public static function solved(Mount $mount, array $notes, array $base, array $needed, Filling $filling, array $margins,
        Arrangement $arrangement): self
    {
        $margins = array_values(array_filter($margins));
        $verdict = Verdict::worst(
            $arrangement->isComplete() && $filling->isWhole() ? Verdict::Clear : Verdict::Fails,
            ...array_map(fn (Margin $margin) => $margin->verdict, $margins),
            ...array_map(fn (Note $note) => $note->verdict(), $notes),
        );

        return new self(
            mount: $mount,
            verdict: $verdict,
            unsolved: null,
            notes: $notes,
            base: $base,
            needed: $needed,
            filling: $filling,
            margins: $margins,
            arrangement: $arrangement,
        );
    }

    /** Whether every place has its spacers and every other part exists, whatever the margins say. */
    public function isBuilt(): bool
    {
        return $this->arrangement !== null && $this->arrangement->isComplete() && $this->filling->isWhole();
    }

    /** How far the ring's teeth stand outboard of the bare shell's drive face; null when unsolved, or where no ring follows. */
    public function ringOutboard(): ?float
    {
        return $this->arrangement?->ringOutboard();
    }

    /** How many spacers and washers it takes. */
    public function pieceCount(): int
    {
        return $this->filling->pieceCount();
    }

    /** @return list<SpacerRow> what a drawer still has once the stack is filled from it */
    public function leftOf(Drawer $drawer): array
    {
        foreach ($this->mount->places() as $place) {
            $drawer = $drawer->without(array_map(SpacerRow::hundredths(...), $this->spacers[$place->value]->pieces ?? []), $place);
        }

        return $drawer->left();
    }

    /** The sum of what is in a place, in mm; nothing where nothing is. */
    public function sumAt(Place $place): float
    {
        return $this->filling->sumAt($place);
    }

    public function margin(MarginName $name): ?Margin
    {
        foreach ($this->margins as $margin) {
            if ($margin->name === $name) {
                return $margin;
            }
        }

        return null;
    }

    /** What goes into a place, in words: `3 + 1 mm`, `nothing`, or that the drawer has nothing that suits. */
    public function placeText(Place $place): string
    {
        $spacers = $this->filling->at($place);

        return match (true) {
            $spacers === null => 'nothing in the drawer suits',
            $spacers->pieces === [] => 'nothing',
            default => implode(' + ', $spacers->pieces).' mm',
        };
    }

    /** @return array<string, string> what goes into places, in words, by the place */
    public function pieces(Place ...$places): array
    {
        return array_combine(
            array_map(fn (Place $place) => 'spacers, '.lcfirst($place->label()), $places), array_map($this->placeText(...), $places),
        );
    }

    /**
     * What stands in the way most: null when clear; else the step that failed, the first margin as bad as
     * the verdict, the first note that makes it fail, `parts` when a piece is missing, or the first note.
     */
    public function limitedBy(): MarginName|Note|Unsolved|string|null
    {
        if ($this->verdict === Verdict::Clear || $this->unsolved !== null) {
            return $this->unsolved;
        }
        foreach ([...$this->margins, ...$this->notes] as $reason) {
            if (($reason instanceof Margin ? $reason->verdict : $reason->verdict()) === $this->verdict) {
                return $reason instanceof Margin ? $reason->name : $reason;
            }
        }

        return 'parts';
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use NeatSpindle\Core\Catalogue\Mount;

use function in_array;

/** The outcome of building up a stack: what it takes, what is left, and whether it goes. In mm. */
final readonly class Stack
{
    /**
     * @param  list<Note>  $notes
     * @param  array<string, float>  $needed by place, what is known by then
     * @param  array<string, ?Spacers>  $spacers by place; null where the drawer has nothing that suits
     * @param  list<Margin>  $margins
     */
    private function __construct(
        public Mount $mount,
        public Verdict $verdict,
        public ?Unsolved $unsolved,
        public array $notes,
        public float $effectiveWidth,
        public float $seat,
        public array $needed,
        public array $spacers,
        public array $margins,
        public ?SleeveFit $fit,
    ) {}

    /**
     * @param  list<Note>  $notes
     * @param  array<string, float>  $needed
     */
    public static function unsolved(Mount $mount, Unsolved $step, array $notes, float $effectiveWidth, float $seat, array $needed): self
    {
        return new self($mount, Verdict::Fails, $step, $notes, $effectiveWidth, $seat, $needed, [], [], null);
    }

    /**
     * @param  list<Note>  $notes
     * @param  array<string, float>  $needed
     * @param  array<string, ?Spacers>  $spacers
     * @param  list<Margin>  $margins
     */
    public static function solved(
        Mount $mount,
        array $notes,
        float $effectiveWidth,
        float $seat,
        array $needed,
        array $spacers,
        array $margins,
        SleeveFit $fit,
    ): self {
        $partsMissing = $fit->boltLength === null || in_array(null, $spacers, true);
        $verdict = Verdict::worst(
            $partsMissing ? Verdict::Fails : Verdict::Clear,
            ...array_map(fn (Margin $margin) => $margin->verdict, $margins),
            ...array_map(fn (Note $note) => $note->verdict(), $notes),
        );

        return new self($mount, $verdict, null, $notes, $effectiveWidth, $seat, $needed, $spacers, $margins, $fit);
    }

    /** How far the ring's teeth stand outboard of the bare shell's drive face; null when unsolved. */
    public function ringOutboard(): ?float
    {
        return $this->fit?->ringOutboard;
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
        $spacers = $this->spacers[$place->value] ?? null;

        return match (true) {
            $spacers === null => 'nothing in the drawer suits',
            $spacers->pieces === [] => 'nothing',
            default => implode(' + ', $spacers->pieces).' mm',
        };
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

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

use InvalidArgumentException;

use function array_slice;

/**
 * One edit of a stack by hand: a piece put in, taken out, moved or swapped. It starts from what the person saw
 * in the places it touches. In mm.
 */
final readonly class HandEdit
{
    /**
     * @param  string  $what the edit in a few words, for the record
     * @param  array<string, list<float>|null>  $places what each touched place holds afterwards; null leaves it to the drawer
     */
    private function __construct(public string $what, private array $places) {}

    /** @param  list<float>  $seen thickest first */
    public static function add(Place $place, array $seen, float $mm): self
    {
        return new self("{$mm} mm into {$place->label()}", [$place->value => self::sorted([...$seen, $mm])]);
    }

    /** @param  list<float>  $seen thickest first */
    public static function drop(Place $place, array $seen, int $index): self
    {
        return new self(self::piece($seen, $index)." mm out of {$place->label()}", [$place->value => self::less($seen, $index)]);
    }

    /** @param  list<float>  $seen thickest first */
    public static function swap(Place $place, array $seen, int $index, float $mm): self
    {
        return new self(
            self::piece($seen, $index)." for {$mm} mm in {$place->label()}",
            [$place->value => self::sorted([...self::less($seen, $index), $mm])],
        );
    }

    /**
     * @param  list<float>  $seen thickest first
     * @param  list<float>  $seenThere thickest first
     */
    public static function move(Place $place, array $seen, int $index, Place $to, array $seenThere): self
    {
        $mm = self::piece($seen, $index);

        return new self("{$mm} mm from {$place->label()} to {$to->label()}", [
            $place->value => self::less($seen, $index),
            $to->value => self::sorted([...$seenThere, $mm]),
        ]);
    }

    /** @param  list<float>  $pieces */
    public static function fill(Place $place, array $pieces): self
    {
        return new self(($pieces === [] ? 'Nothing' : implode(' + ', $pieces).' mm')." into {$place->label()}", [$place->value => self::sorted($pieces)]);
    }

    public static function leaveToTheDrawer(Place $place): self
    {
        return new self("{$place->label()} left to the drawer", [$place->value => null]);
    }

    /** @return list<Place> */
    public function touched(): array
    {
        return array_map(fn (string $place) => Place::from($place), array_keys($this->places));
    }

    /** @return list<list<float>> what is in each touched place afterwards, where a hand has filled it */
    public function filled(): array
    {
        return array_values(array_filter($this->places, fn (?array $pieces) => $pieces !== null));
    }

    /**
     * @param  array<string, list<float>>  $byHand
     * @return array<string, list<float>>
     */
    public function appliedTo(array $byHand): array
    {
        return array_filter([...$byHand, ...$this->places], fn (?array $pieces) => $pieces !== null);
    }

    /** @param  list<float>  $seen */
    private static function piece(array $seen, int $index): float
    {
        return $seen[$index] ?? throw new InvalidArgumentException('There is no such piece any more: look at the stack again.');
    }

    /**
     * @param  list<float>  $seen
     * @return list<float>
     */
    private static function less(array $seen, int $index): array
    {
        self::piece($seen, $index);

        return [...array_slice($seen, 0, $index), ...array_slice($seen, $index + 1)];
    }

    /**
     * @param  list<float>  $pieces
     * @return list<float>
     */
    private static function sorted(array $pieces): array
    {
        rsort($pieces);

        return $pieces;
    }
}

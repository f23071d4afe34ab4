<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Box;

use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;

use function in_array;

/** What came in a motor's box and is there: a stack takes its spacers before the drawer's. */
final readonly class Packed
{
    /**
     * @param  array<int, Piece>  $pieces that are there, by their place in the maker's list
     * @param  list<PieceKind>  $expected of what is listed and nobody has looked at
     */
    public function __construct(public array $pieces, private array $expected = []) {}

    /** @return list<SpacerRow> its spacers, as they count for a stack */
    public function rows(): array
    {
        return array_values(array_filter(array_map(fn (Piece $piece) => $piece->row(), $this->pieces)));
    }

    /** Whether something of a kind is there, or should be as far as anybody has looked. */
    public function has(PieceKind $kind): bool
    {
        return in_array($kind, [...array_map(fn (Piece $piece) => $piece->kind, array_values($this->pieces)), ...$this->expected], true);
    }

    /**
     * How many of each piece a stack takes.
     *
     * @param  array<string, list<float>>  $stack thicknesses in mm by place
     * @return array<int, int> by the piece's place in the list
     */
    public function used(array $stack): array
    {
        return $this->share($stack)[0];
    }

    /**
     * What a stack has to take from elsewhere.
     *
     * @param  array<string, list<float>>  $stack thicknesses in mm by place
     * @return array<string, list<float>> thicknesses in mm by place
     */
    public function rest(array $stack): array
    {
        return $this->share($stack)[1];
    }

    /**
     * @param  array<string, list<float>>  $stack
     * @return array{array<int, int>, array<string, list<float>>}
     */
    private function share(array $stack): array
    {
        $used = array_fill_keys(array_keys($this->pieces), 0);
        $rest = [];
        foreach ($stack as $place => $thicknesses) {
            foreach ($thicknesses as $mm) {
                $from = $this->from((int) round($mm * 100), Place::from($place), $used);
                if ($from === null) {
                    $rest[$place][] = $mm;
                } else {
                    $used[$from]++;
                }
            }
        }

        return [$used, $rest];
    }

    /** @param  array<int, int>  $used */
    private function from(int $hundredths, Place $place, array $used): ?int
    {
        foreach ($this->pieces as $i => $piece) {
            if ($piece->hundredths === $hundredths && in_array($place->use(), $piece->uses, true) && $used[$i] < $piece->quantity) {
                return $i;
            }
        }

        return null;
    }
}

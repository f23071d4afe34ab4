<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Order;

use NeatSpindle\Core\Stack\MarginName;
use NeatSpindle\Core\Stack\Spacers;
use NeatSpindle\Core\Stack\Stack;
use NeatSpindle\Core\Stack\Verdict;

/** One way to build a stack that works, by what it costs in line, symmetry and pieces. In mm. */
final readonly class Alternative
{
    private const SAME = 1e-9;

    /** @param  ?float  $offset from the cogs used most; null where no chainline follows */
    public function __construct(public Stack $stack, public ?float $offset) {}

    /** How far off centre the cranks are, or the first chain off line; null where the mount has neither. */
    public function asymmetry(): ?float
    {
        return ($this->stack->margin(MarginName::CrankAsymmetry) ?? $this->stack->margin(MarginName::PrimaryAlignment))?->value;
    }

    /** @return array{float, float, int, int} the smaller the better, each */
    public function criteria(): array
    {
        return [$this->offset ?? 0.0, $this->asymmetry() ?? 0.0, $this->stack->pieceCount(), $this->stack->verdict === Verdict::Clear ? 0 : 1];
    }

    /** No worse in anything, and better in something. */
    public function beats(self $other): bool
    {
        $isBetter = false;
        foreach ($this->criteria() as $i => $mine) {
            $theirs = $other->criteria()[$i];
            if ($mine > $theirs + self::SAME) {
                return false;
            }
            $isBetter = $isBetter || $mine < $theirs - self::SAME;
        }

        return $isBetter;
    }

    /** Alike in everything that counts. */
    public function key(): string
    {
        return implode(' ', array_map(fn (int|float $figure) => (string) round($figure, 6), $this->criteria()));
    }

    /** @return array<string, list<float>> what goes where, in mm, as a hand would fill it */
    public function pieces(): array
    {
        return array_map(fn (?Spacers $spacers) => $spacers->pieces ?? [], $this->stack->spacers);
    }
}

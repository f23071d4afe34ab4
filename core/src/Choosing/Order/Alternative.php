<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Order;

use NeatSpindle\Core\Ground\Measure\Criteria;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Parts\Drawer\Spacers;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Verdict;

/** One way to build a stack that works, by what it costs in line, symmetry and pieces. In mm. */
final readonly class Alternative
{
    public Criteria $criteria;

    /** @param  ?float  $offset from the cogs used most; null where no chainline follows */
    public function __construct(public Stack $stack, public ?float $offset)
    {
        $this->criteria = new Criteria([
            $offset ?? 0.0,
            $this->asymmetry() ?? 0.0,
            $stack->pieceCount(),
            $stack->verdict === Verdict::Clear ? 0 : 1,
        ]);
    }

    /** How far off centre the cranks are, or the first chain off line; null where the mount has neither. */
    public function asymmetry(): ?float
    {
        return self::symmetryOf($this->stack)?->value;
    }

    /** The margin that says it; null where the mount has neither. */
    public static function symmetryOf(Stack $stack): ?Margin
    {
        return $stack->margin(MarginName::CrankAsymmetry) ?? $stack->margin(MarginName::PrimaryAlignment);
    }

    public function beats(self $other): bool
    {
        return $this->criteria->beat($other->criteria);
    }

    /** Alike in everything that counts. */
    public function key(): string
    {
        return implode(' ', array_map(fn (int|float $figure) => (string) round($figure, 6), $this->criteria->figures));
    }

    /** @return array<string, list<float>> what goes where, in mm, as a hand would fill it */
    public function pieces(): array
    {
        return array_map(fn (?Spacers $spacers) => $spacers->pieces ?? [], $this->stack->spacers);
    }
}

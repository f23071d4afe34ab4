<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Order;

use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;

/** What to order so that the doubt does not matter; or that no order helps. */
final readonly class OrderList
{
    /**
     * @param  list<SpacerRow>|null  $pieces one row for each piece, thickest first; null when no order helps
     * @param  bool  $isLeast whether every smaller order was ruled out
     * @param  int  $truths how many truths it was proven for
     * @param  ?Stack  $obstacle a stack no order can build
     */
    private function __construct(
        public ?array $pieces,
        public bool $isLeast,
        public int $truths,
        public ?Stack $obstacle,
    ) {}

    /** @param  list<SpacerRow>  $pieces */
    public static function surviving(array $pieces, bool $isLeast, int $truths): self
    {
        usort($pieces, fn (SpacerRow $a, SpacerRow $b) => $b->hundredths <=> $a->hundredths);

        return new self($pieces, $isLeast, $truths, null);
    }

    public static function impossible(?Stack $obstacle): self
    {
        return new self(null, false, 0, $obstacle);
    }

    /** @return list<array{SpacerRow, int}> each kind once, with how many */
    public function counted(): array
    {
        $counted = [];
        foreach ($this->pieces ?? [] as $piece) {
            $key = $piece->hundredths.implode(',', array_map(fn ($use) => $use->value, $piece->uses));
            $counted[$key] = [$piece, ($counted[$key][1] ?? 0) + 1];
        }

        return array_values($counted);
    }
}

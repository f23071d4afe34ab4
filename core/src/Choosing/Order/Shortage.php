<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Order;

use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Parts\Drawer\Drawer;

/** What to get so that a stack can be built: as few pieces as can be, place by place. */
final readonly class Shortage
{
    /**
     * @param  list<Purchase>  $purchases
     * @param  Stack  $stack as it would be with them
     */
    private function __construct(public array $purchases, public Stack $stack) {}

    /** @param  array<string, list<float>>  $byHand thicknesses in mm by place */
    public static function of(Recipe $recipe, Drawer $drawer, array $byHand = []): self
    {
        $picker = new BuyingPicker($drawer, $byHand);
        $stack = $recipe->solve($picker);

        return new self($picker->purchases(), $stack);
    }

    public function isNone(): bool
    {
        return $this->purchases === [];
    }

    /** @return list<array{Purchase, int}> each kind once, with how many */
    public function counted(): array
    {
        $counted = [];
        foreach ($this->purchases as $purchase) {
            $key = "{$purchase->place->value} {$purchase->hundredths}";
            $counted[$key] = [$purchase, ($counted[$key][1] ?? 0) + 1];
        }

        return array_values($counted);
    }
}

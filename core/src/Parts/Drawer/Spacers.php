<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

/** The spacers in one place, thickest first, in mm. */
final readonly class Spacers
{
    public float $sum;

    /** @param  list<float>  $pieces thickest first */
    private function __construct(public array $pieces)
    {
        $this->sum = array_sum($pieces);
    }

    /** @param  list<float>  $pieces in any order, in mm */
    public static function of(array $pieces): self
    {
        rsort($pieces);

        return new self($pieces);
    }

    /** @param  list<int>  $hundredths thickest first, in hundredths of a mm */
    public static function fromHundredths(array $hundredths): self
    {
        $pieces = [];
        foreach ($hundredths as $piece) {
            $pieces[] = $piece / 100;
        }

        return new self($pieces);
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Fit;

use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Holding\Catalogue\Catalogue;
use NeatSpindle\Core\Parts\Part\Ring;

use function count;

/** While a shell may be one of several standards: which motors would go if it turned out to be which. */
final readonly class ShellGuesses
{
    /** @param  array<array-key, list<ShellStandard>>  $goesIf by the motor's code */
    private function __construct(public array $goesIf, private int $candidates) {}

    public static function of(Bike $bike, Identification $identification, Ring $ring, Catalogue $catalogue): self
    {
        $candidates = $identification->candidates;

        return new self(count($candidates) > 1 ? MotorMatch::goesIn($candidates, $bike, $ring, $catalogue) : [], count($candidates));
    }

    /** @return list<ShellStandard> the standards a motor would go with; none when no answer waits for the shell */
    public function for(string $motor): array
    {
        return $this->goesIf[$motor] ?? [];
    }

    /** Whether it would go whatever the shell turns out to be. */
    public function always(string $motor): bool
    {
        return $this->candidates > 1 && count($this->for($motor)) === $this->candidates;
    }
}

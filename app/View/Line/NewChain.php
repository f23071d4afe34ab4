<?php

declare(strict_types=1);

namespace App\View\Line;

use NeatSpindle\Core\Donor\Bike\RearEnd;
use NeatSpindle\Core\Sums\Line\Chain;

use function count;

/** The chain a bike needs with its motor, as a person reads it. */
readonly class NewChain
{
    public function __construct(public Chain $chain, private RearEnd $rear) {}

    /** How many links it has more or fewer than the old one, in words to go on with. */
    public function againstTheOld(): string
    {
        $change = $this->chain->changeFromOld;

        return match (true) {
            $change === null => '',
            $change === 0 => ', as many as the old one',
            $change > 0 => ", put in {$change} more than the old one has",
            default => ', take '.abs($change).' off the old one’s count',
        };
    }

    public function hasDerailleur(): bool
    {
        return ! $this->rear->hasOneCog();
    }

    /** For how many cogs it has to be made. */
    public function cogs(): int
    {
        return count($this->rear->cogs);
    }

    public function wornAt(): string
    {
        return (string) Chain::wornAt($this->rear);
    }
}

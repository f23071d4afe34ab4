<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

/** What lies between the body and what it swings to. */
enum GapContents: string
{
    case NotLookedAt = 'not-looked-at';
    case Nothing = 'nothing';
    case Block = 'block';
    case Cable = 'cable';
    case Hose = 'hose';
    case Wire = 'wire';

    public function isSoft(): bool
    {
        return $this === self::Cable || $this === self::Hose || $this === self::Wire;
    }

    /** The same, where something is known to lie there that nobody wrote down here. */
    public function knowing(?self $known): self
    {
        return $known === null || $this->isSoft() ? $this : $known;
    }

    public function label(): string
    {
        return match ($this) {
            self::NotLookedAt => 'Not looked at',
            self::Nothing => 'Nothing',
            self::Block => 'A hard block',
            self::Cable => 'A cable or its housing',
            self::Hose => 'A hydraulic hose',
            self::Wire => 'A wire or the harness',
        };
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Stock;

/** What can happen to something a workshop keeps. */
enum Moved: string
{
    case Received = 'received';
    case Counted = 'counted';
    case Reserved = 'reserved';
    case Freed = 'freed';
    case Taken = 'taken';
    case GivenBack = 'given-back';
    case Spoilt = 'spoilt';
    case SentBack = 'sent-back';

    public function label(): string
    {
        return match ($this) {
            self::Received => 'Received',
            self::Counted => 'Counted',
            self::Reserved => 'Reserved',
            self::Freed => 'No longer reserved',
            self::Taken => 'Taken',
            self::GivenBack => 'Given back',
            self::Spoilt => 'Spoilt',
            self::SentBack => 'Sent back',
        };
    }

    /** Whether it is for a job that it is said. */
    public function isForAJob(): bool
    {
        return $this === self::Reserved || $this === self::Freed;
    }

    /** @return list<self> what somebody can say of anything by hand; a count says how many there are */
    public static function byHand(): array
    {
        return [self::Received, self::Taken, self::GivenBack, self::Spoilt, self::SentBack];
    }
}

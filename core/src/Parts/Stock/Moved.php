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

    /** What so many of it do to what lies there: 1 adds them, -1 takes them away, 0 leaves it as it is. */
    public function sign(): int
    {
        return match ($this) {
            self::Received, self::GivenBack => 1,
            self::Taken, self::Spoilt, self::SentBack => -1,
            self::Counted, self::Reserved, self::Freed => 0,
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

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

    /**
     * What somebody can say of something by hand; a count says how many there are.
     *
     * @param  bool  $isKeptByHand whether it can be reserved so too
     * @return list<self>
     */
    public static function byHand(bool $isKeptByHand): array
    {
        $moves = [self::Received, self::Taken, self::GivenBack, self::Spoilt, self::SentBack];

        return $isKeptByHand ? [...$moves, self::Reserved, self::Freed] : $moves;
    }
}

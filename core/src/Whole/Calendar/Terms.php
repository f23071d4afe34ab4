<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Calendar;

/** What a job's rest is planned with. */
final readonly class Terms
{
    /**
     * @param  int  $from  nothing is planned before it, a time
     * @param  ?int  $partsAt  when what is missing comes, a time; null where nobody has named a day
     * @param  list<Elsewhere>  $elsewhere  what lies in other hands
     * @param  array<string, string>  $hands  who does which kind of work, by kind; whoever is free where nobody is named
     */
    public function __construct(
        public Minutes $minutes, public int $from, public ?int $partsAt = null, public array $elsewhere = [], public array $hands = [],
    ) {}
}

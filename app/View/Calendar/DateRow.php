<?php

declare(strict_types=1);

namespace App\View\Calendar;

use App\Models\Job;

/** One job in the table of dates, all of it in words. */
final readonly class DateRow
{
    /**
     * @param  string  $address  of the place the job stands at
     * @param  ?string  $promised  null where nothing is promised
     * @param  ?int  $before  the number of the job it is done before
     * @param  array<string, string>  $hands  which work is given to whom, by first names
     * @param  ?string  $honest  null where no day can be said
     * @param  ?string  $why  why no day can be said; null where one can
     * @param  ?string  $careful  where that is another day
     * @param  ?string  $was  what it was, where something is tried and moves it
     * @param  ?string  $total  from now to its end; null without a date
     */
    public function __construct(
        public Job $job, public string $address, public ?string $promised, public ?int $before, public array $hands, public ?string $honest,
        public ?string $why, public int $lateDays, public ?string $careful, public ?string $was, public ?string $total, public ?string $cheapest,
    ) {}
}

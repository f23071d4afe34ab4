<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

use function count;
use function intdiv;

/**
 * One person's working minutes from a time on, numbered from 0 without a gap: work that goes on over lunch, nights and
 * days off is one stretch of these numbers.
 */
final readonly class WorkingTime
{
    private int $firstDay;

    /** @var list<int> the number of the first working minute of each day; below 0 on the first, where some are over already */
    private array $atDay;

    /** How many working minutes there are. */
    public int $total;

    /** @param  int  $days  how many days are looked ahead */
    public function __construct(private OpeningHours $hours, private Person $person, int $from, int $days)
    {
        $this->firstDay = intdiv($from, WallClock::DAY);
        $number = $person->isAway($this->firstDay) ? 0 : -$hours->before($this->firstDay, $from % WallClock::DAY);
        $atDay = [];
        for ($i = 0; $i < $days; $i++) {
            $atDay[] = $number;
            $number += $this->on($this->firstDay + $i);
        }
        $this->atDay = $atDay;
        $this->total = max(0, $number);
    }

    /** How many minutes this person works on a day. */
    public function on(int $day): int
    {
        return $this->person->isAway($day) ? 0 : $this->hours->on($day);
    }

    /** The number of the first working minute at a time or after it. */
    public function numberAt(int $time): int
    {
        $day = intdiv($time, WallClock::DAY);
        if ($day < $this->firstDay) {
            return 0;
        }
        if ($day - $this->firstDay >= count($this->atDay)) {
            return $this->total;
        }
        $before = $this->on($day) === 0 ? 0 : $this->hours->before($day, $time % WallClock::DAY);

        return max(0, $this->atDay[$day - $this->firstDay] + $before);
    }

    /** When a working minute begins. */
    public function begins(int $number): int
    {
        [$low, $high] = [0, count($this->atDay) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->atDay[$middle] <= $number) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }
        $day = $this->firstDay + $low;

        return $day * WallClock::DAY + $this->hours->minuteOf($day, $number - $this->atDay[$low]);
    }
}

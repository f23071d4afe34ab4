<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

/** When a workshop is open, weekday by weekday, and the days it is closed all the same. */
final readonly class OpeningHours
{
    /** @var array<int, int> minutes of each weekday that has any */
    private array $minutes;

    /**
     * @param  array<int, list<array{int, int}>>  $ranges  by weekday from 0, a Monday; from minute to minute, rising and apart
     * @param  array<int, true>  $closed  days
     */
    public function __construct(private array $ranges, private array $closed = [])
    {
        $minutes = [];
        foreach ($ranges as $weekday => $of) {
            $minutes[$weekday] = 0;
            foreach ($of as [$from, $to]) {
                $minutes[$weekday] += $to - $from;
            }
        }
        $this->minutes = $minutes;
    }

    /** How many minutes are worked on a day. */
    public function on(int $day): int
    {
        return isset($this->closed[$day]) ? 0 : $this->minutes[WallClock::weekday($day)] ?? 0;
    }

    /** How many of a day's working minutes are over when a minute of it begins. */
    public function before(int $day, int $minute): int
    {
        $before = 0;
        foreach ($this->rangesOn($day) as [$from, $to]) {
            if ($from >= $minute) {
                break;
            }
            $before += ($to < $minute ? $to : $minute) - $from;
        }

        return $before;
    }

    /** The minute of a day at which its so-manieth working minute begins, counted from 0. */
    public function minuteOf(int $day, int $number): int
    {
        foreach ($this->rangesOn($day) as [$from, $to]) {
            if ($number < $to - $from) {
                return $from + $number;
            }
            $number -= $to - $from;
        }

        return WallClock::DAY;
    }

    /** @return list<array{int, int}> */
    private function rangesOn(int $day): array
    {
        return isset($this->closed[$day]) ? [] : $this->ranges[WallClock::weekday($day)] ?? [];
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

use function intdiv;
use function preg_match;
use function sprintf;

/**
 * Days and times as they stand on the workshop's wall: without time zone or summer time. A day is a whole number, counted
 * from 1 January 1970; a time is so many minutes from its first midnight.
 */
final class WallClock
{
    public const DAY = 24 * 60;

    private const DAYS_BEFORE_1970 = 719_468;

    private const DAYS_IN_400_YEARS = 146_097;

    /** The day a text like `2026-11-23` names; null where there is no such day. */
    public static function day(string $text): ?int
    {
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $text, $found) !== 1) {
            return null;
        }
        $day = self::dayOf((int) $found[1], (int) $found[2], (int) $found[3]);

        return (int) $found[2] >= 1 && (int) $found[2] <= 12 && self::dayText($day) === $text ? $day : null;
    }

    /** The time a text like `2026-11-23T08:00` names, in minutes; null where there is no such time. */
    public static function time(string $text): ?int
    {
        if (preg_match('/^(.{10})T(\d{2}:\d{2})$/D', $text, $found) !== 1) {
            return null;
        }
        [$day, $minute] = [self::day($found[1]), self::minute($found[2])];

        return $day === null || $minute === null ? null : $day * self::DAY + $minute;
    }

    /** The minute of a day a text like `08:00` names; null where there is none. `24:00` is the next day's. */
    public static function minute(string $text): ?int
    {
        return preg_match('/^([01]\d|2[0-3]):([0-5]\d)$/D', $text, $found) === 1 ? 60 * (int) $found[1] + (int) $found[2] : null;
    }

    public static function dayText(int $day): string
    {
        return sprintf('%04d-%02d-%02d', ...self::date($day));
    }

    public static function timeText(int $time): string
    {
        $minute = $time % self::DAY;

        return self::dayText(intdiv($time, self::DAY)).sprintf('T%02d:%02d', intdiv($minute, 60), $minute % 60);
    }

    /** From 0, a Monday, to 6. */
    public static function weekday(int $day): int
    {
        return ($day + 3 + 7_000_000) % 7;
    }

    public static function mondayOf(int $day): int
    {
        return $day - self::weekday($day);
    }

    /** The week a day lies in, like `2026-W48`: it is of the year that has its Thursday. */
    public static function weekText(int $day): string
    {
        $thursday = self::mondayOf($day) + 3;
        [$year] = self::date($thursday);

        return sprintf('%04d-W%02d', $year, intdiv($thursday - self::dayOf($year, 1, 1), 7) + 1);
    }

    /**
     * Counted in years that begin in March, so that the leap day is the last: then the days before a month are
     * `(153 m + 2) / 5`, and 400 years are always as long.
     */
    private static function dayOf(int $year, int $month, int $day): int
    {
        $year -= $month <= 2 ? 1 : 0;
        $inMarchYears = ($month + 9) % 12;
        $era = intdiv($year >= 0 ? $year : $year - 399, 400);
        $yearOfEra = $year - $era * 400;
        $dayOfYear = intdiv(153 * $inMarchYears + 2, 5) + $day - 1;

        return $era * self::DAYS_IN_400_YEARS + $yearOfEra * 365 + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100) + $dayOfYear - self::DAYS_BEFORE_1970;
    }

    /** @return array{int, int, int} year, month and day of the month */
    private static function date(int $day): array
    {
        $day += self::DAYS_BEFORE_1970;
        $era = intdiv($day >= 0 ? $day : $day - self::DAYS_IN_400_YEARS + 1, self::DAYS_IN_400_YEARS);
        $dayOfEra = $day - $era * self::DAYS_IN_400_YEARS;
        $yearOfEra = intdiv($dayOfEra - intdiv($dayOfEra, 1_460) + intdiv($dayOfEra, 36_524) - intdiv($dayOfEra, 146_096), 365);
        $dayOfYear = $dayOfEra - (365 * $yearOfEra + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100));
        $inMarchYears = intdiv(5 * $dayOfYear + 2, 153);
        $month = $inMarchYears < 10 ? $inMarchYears + 3 : $inMarchYears - 9;

        return [$yearOfEra + $era * 400 + ($month <= 2 ? 1 : 0), $month, $dayOfYear - intdiv(153 * $inMarchYears + 2, 5) + 1];
    }
}

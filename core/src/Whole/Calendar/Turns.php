<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Calendar;

use function array_filter;
use function array_key_exists;

/**
 * In which order jobs are planned: by their promises, but for one that somebody has put before another. That one is as urgent as the
 * other, and stands just before it; what was put before it in turn, before both.
 */
final class Turns
{
    /** @var array<int, list<int>> what is done before a job, by that job */
    private array $put = [];

    /** @var array<int, ?int> */
    private array $turns = [];

    private function __construct() {}

    /**
     * @param  array<int, ?int>  $promised  days by job, in the order in which equals stand
     * @param  array<int, int>  $before  by job, which other it is done before; one that is not among them, or comes round in a circle, counts for nothing
     * @return array<int, ?int> by job, in the order in which equals are planned: the day it is as urgent as if it were promised for it
     */
    public static function of(array $promised, array $before): array
    {
        $turns = new self;
        $among = array_filter(
            $before,
            fn (int $other, int $job) => array_key_exists($job, $promised) && array_key_exists($other, $promised),
            \ARRAY_FILTER_USE_BOTH,
        );
        $straight = array_filter($among, fn (int $other, int $job) => ! self::isCircle($among, $job, $other), \ARRAY_FILTER_USE_BOTH);
        foreach ($straight as $job => $other) {
            $turns->put[$other][] = $job;
        }
        foreach ($promised as $job => $day) {
            isset($straight[$job]) ?: $turns->stand($job, $day);
        }

        return $turns->turns;
    }

    /**
     * Whether a job would come before itself if it were done before another.
     *
     * @param  array<int, int>  $before  by job, which other it is done before
     */
    public static function isCircle(array $before, int $job, int $other): bool
    {
        for ($at = $other; $at !== null && $at !== $job; $at = $next) {
            $next = $before[$at] ?? null;
            unset($before[$at]);
        }

        return $at === $job;
    }

    private function stand(int $job, ?int $day): void
    {
        foreach ($this->put[$job] ?? [] as $one) {
            $this->stand($one, $day);
        }
        $this->turns[$job] = $day;
    }
}

<?php

declare(strict_types=1);

namespace Database\Seeders\Past;

use Illuminate\Support\Carbon;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

use function exp;
use function log;
use function max;
use function min;
use function mt_rand;
use function sqrt;

/** A clock by which made-up bikes are worked: on working days alone, each piece as long as such work takes one of these people. */
final class PastClock
{
    private const OPENS = '08:40';

    private const CLOSES = 17;

    private const LUNCH = 12;

    /** How quick these hands are against what is usual, and how far pieces of one kind differ. */
    private const HANDS = 0.85;

    private const SPREAD = 0.35;

    private const MOST = 80.0;

    public function setTo(Carbon $day): void
    {
        $morning = $day->copy()->setTimeFromTimeString(self::OPENS);
        Carbon::setTestNow($morning->isWeekend() ? $morning->next(Carbon::MONDAY)->setTimeFromTimeString(self::OPENS) : $morning);
    }

    public function tick(WorkKind $work): void
    {
        $took = min(self::MOST, max(0.5, $work->minutes() * self::HANDS * exp(self::SPREAD * $this->normal())));
        Carbon::setTestNow(now()->addSeconds((int) round($took * 60)));
        if (now()->hour === self::LUNCH) {
            Carbon::setTestNow(now()->setTime(13, now()->minute % 30));
        }
        now()->hour >= self::CLOSES ? $this->setTo(now()->addDay()) : null;
    }

    /** Something has to come, or to cure: so many days later, in the morning. */
    public function wait(int $days): void
    {
        $this->setTo(now()->addDays($days));
    }

    /** Drawn from a normal distribution (Box and Muller). */
    private function normal(): float
    {
        $draw = fn (): float => (mt_rand() + 1) / (mt_getrandmax() + 2);

        return sqrt(-2.0 * log($draw())) * cos(2.0 * M_PI * $draw());
    }
}

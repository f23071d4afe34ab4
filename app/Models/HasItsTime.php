<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Values\InOtherHands;
use Illuminate\Database\Eloquent\Builder;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function is_string;
use function substr;

/** What of a job is asked for where many are planned. */
trait HasItsTime
{
    /** So many days ahead one looks for what comes back. */
    private const SOON_DAYS = 21;

    /**
     * What is worked on, and what has left and is soon to come back.
     *
     * @param  Builder<self>  $query
     */
    public function scopeOnTheBench(Builder $query): void
    {
        $query->whereNull('ended_at')->where(fn (Builder $jobs) => $jobs->whereNull('handed_over_at')->orWhere('comes_back_on', '<=', today()->addDays(self::SOON_DAYS)));
    }

    /** The day it is promised for, as the wall clock counts days: read without a calendar, where many are looked at. */
    public function promisedDay(): ?int
    {
        $kept = $this->getAttributes()['promised_on'] ?? null;

        return is_string($kept) ? WallClock::day(substr($kept, 0, 10)) : null;
    }

    /** What of it lies in other hands. */
    public function inOtherHands(): InOtherHands
    {
        return $this->elsewhere ?? InOtherHands::nothing();
    }
}

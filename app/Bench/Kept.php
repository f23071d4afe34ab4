<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Row;
use Illuminate\Support\Facades\Cache;

use function hash;
use function now;
use function serialize;

/**
 * What takes long to work out and changes only with a job, its catalogue or its drawer. It is kept under all of them as
 * they stand, so that nobody is shown what was true before, on whichever server it was worked out. Plain data only:
 * a newer program reads it as it was written.
 */
class Kept
{
    private const DAYS = 30;

    /**
     * @template T
     *
     * @param  string  $what  what of the job it is
     * @param  callable(): T  $work
     * @return T
     */
    public static function of(OpenJob $open, string $what, callable $work): mixed
    {
        // A change that is not settled may be taken back, and its version come again for another.
        if ($open->job->isDirty('version')) {
            return $work();
        }
        /** @var array{T} $kept */
        $kept = Cache::remember("{$what} ".self::mark($open), now()->addDays(self::DAYS), fn () => [$work()]);

        return $kept[0];
    }

    private static function mark(OpenJob $open): string
    {
        $counted = fn (Row $row): array => $row->getAttributes();
        $drawer = [$open->catalogue->spacers->map($counted)->all(), $open->job->leads->map($counted)->all()];

        return hash('xxh128', serialize([$open->job->id, $open->job->version, $open->job->catalogueVersion(), $drawer]));
    }
}

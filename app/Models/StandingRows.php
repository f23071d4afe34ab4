<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;

use function array_column;
use function array_diff_key;
use function array_flip;
use function array_intersect;
use function array_keys;
use function array_map;
use function array_merge;
use function array_shift;
use function implode;

/**
 * A job with every row that stands of it, and the drawer as it can count on it: one way to the database, however many
 * tables they lie in. Nothing of it is kept, so that nothing of it can be yesterday's.
 *
 * Half of a page's time went into asking for these rows one relation after the other, so the statements stand here as
 * they are sent; a test holds each of them against its relation.
 */
class StandingRows
{
    /**
     * What stands of a job and is its own: the rows' class, their table, which of them and in which order, and what is
     * read of them where that is not all.
     */
    public const OWN = [
        'readings' => [Reading::class, 'readings', 'and superseded_at is null order by id'],
        'answers' => [Answer::class, 'answers', 'and superseded_at is null'],
        'kit' => [Kit::class, 'kits', ''],
        'stepRecords' => [StepRecord::class, 'step_records', 'and superseded_at is null'],
        'obstacles' => [Obstacle::class, 'obstacles', 'and superseded_at is null order by angle_deg, id'],
        'boxRecords' => [BoxRecord::class, 'box_records', 'and superseded_at is null'],
        'conditions' => [Condition::class, 'conditions', 'and superseded_at is null order by id'],
        'arrivals' => [Arrival::class, 'arrivals', 'and superseded_at is null order by id'],
        'decisions' => [Decision::class, 'decisions', 'and superseded_at is null order by id'],
        'runs' => [Run::class, 'runs', 'and removed_at is null order by position'],
        'ownStretches' => [OwnStretch::class, 'own_stretches', 'and removed_at is null order by id'],
        'bands' => [FastenerBand::class, 'fastener_bands', 'and superseded_at is null'],
        'settings' => [Setting::class, 'settings', 'and superseded_at is null order by id', '*, (select name from users where users.id = user_id) as set_by_name'],
    ];

    /** What a tick alone writes of them. */
    public const TICKS = ['stepRecords'];

    private const SPACERS = <<<'SQL'
        select spacers.*,
            (select sum(quantity) from reservations where spacer_id = spacers.id and state = 'reserved' and job_id != %1$d) as kept_elsewhere,
            (select sum(quantity) from reservations where spacer_id = spacers.id and state = 'taken' and job_id = %1$d) as taken_here
        from spacers where workshop_id = (select workshop_id from jobs where id = %1$d) and retired_at is null order by thickness_mm, id
        SQL;

    private const LEADS = <<<'SQL'
        select * from leads where workshop_id = (select workshop_id from jobs where id = %d) order by connector, length_mm
        SQL;

    /**
     * The job, locked, so that nobody else writes to it until the transaction ends; null when there is none. The lock comes
     * before anything is read: what is read then is what whoever held it before has left.
     *
     * @param  Builder<Job>  $jobs
     */
    public static function readLocked(Builder $jobs, int $id): ?Job
    {
        DB::select("select id from jobs where id = {$id} for update");

        return self::read($jobs, $id);
    }

    /**
     * The one job a query finds; null when it finds none.
     *
     * @param  Builder<Job>  $jobs
     */
    public static function read(Builder $jobs, int $id): ?Job
    {
        $version = DB::table('workshops')->select('catalogue_version')->whereColumn('workshops.id', 'jobs.workshop_id');
        $found = $jobs->whereKey($id)->withCustomer()->addSelect(['catalogue_version' => $version])->toBase();
        $drawer = [sprintf(self::SPACERS, $id), sprintf(self::LEADS, $id)];
        $sets = self::ask([$found->toSql(), ...self::own((string) $id, self::all()), ...$drawer], $found->getBindings());
        $job = Job::fromRows(array_shift($sets) ?? [])[0] ?? null;
        if ($job !== null) {
            $job->setRelation('leads', new Collection(Lead::fromRows(array_pop($sets) ?? [])));
            $job->setRelation('spacers', new Collection(Spacer::fromRows(array_pop($sets) ?? [])));
            self::fill([$job], self::all(), $sets);
        }

        return $job;
    }

    /**
     * The rows of a job anew, of those tables that were written to; what else was read beside them is forgotten, its
     * drawer stays as it was read.
     *
     * @param  list<string>  $tables
     * @return list<string> which of a job's own were read anew
     */
    public static function renew(Job $job, array $tables): array
    {
        $own = ['bike' => 'bikes', ...array_map(fn (array $one) => $one[1], self::OWN)];
        $anew = array_keys(array_intersect($own, $tables));
        $job->setRelations(array_diff_key($job->only(['spacers', 'leads', ...array_keys($own)]), array_flip($anew)));
        $anew === [] ?: self::fill([$job], $anew, self::ask(self::own((string) $job->id, $anew)));

        return $anew;
    }

    /**
     * Gives each of many jobs the rows that are its own.
     *
     * @param  list<Job>  $jobs
     */
    public static function fillAll(array $jobs): void
    {
        $jobs === [] ?: self::fill($jobs, self::all(), self::ask(self::own(implode(',', array_map(fn (Job $job) => $job->id, $jobs)), self::all())));
    }

    /**
     * What else is shown of a job, as its relations find it; one way to the database too.
     *
     * @param  list<string>  $relations  each of many rows
     */
    public static function also(Job $job, array $relations): void
    {
        $queries = array_map(fn (string $name): Query => $job->{$name}()->getQuery()->toBase(), $relations);
        $sets = self::ask(
            array_map(fn (Query $query) => $query->toSql(), $queries),
            array_merge(...array_map(fn (Query $query) => $query->getBindings(), $queries)),
        );
        foreach ($relations as $i => $name) {
            $job->setRelation($name, new Collection($job->{$name}()->getRelated()::fromRows($sets[$i])));
        }
    }

    /** @return array<string, mixed> what of a job's own row its sheets follow from */
    public static function ends(Job $job): array
    {
        return $job->only(['stopped_for', 'handed_over_at', 'ended_at']);
    }

    /** @return list<string> */
    private static function all(): array
    {
        return ['bike', ...array_keys(self::OWN)];
    }

    /**
     * @param  list<string>  $which
     * @return list<string>
     */
    private static function own(string $ids, array $which): array
    {
        $bikes = "select * from bikes where id in (select bike_id from jobs where id in ({$ids}))";

        return array_map(fn (string $name) => $name === 'bike' ? $bikes
            : 'select '.(self::OWN[$name][3] ?? '*').' from '.self::OWN[$name][1]." where job_id in ({$ids}) ".self::OWN[$name][2], $which);
    }

    /**
     * @param  list<string>  $statements
     * @param  list<mixed>  $bindings  of all of them, in their order
     * @return list<list<object>> what each finds
     */
    private static function ask(array $statements, array $bindings = []): array
    {
        /** @var list<list<object>> */
        return DB::selectResultSets(implode('; ', $statements), $bindings);
    }

    /**
     * @param  list<Job>  $jobs
     * @param  list<string>  $which
     * @param  list<list<object>>  $sets  of each of them, in order
     */
    private static function fill(array $jobs, array $which, array $sets): void
    {
        foreach ($which as $i => $name) {
            $name === 'bike' ? self::fillBikes($jobs, $sets[$i]) : self::fillOwn($jobs, $name, $sets[$i]);
        }
    }

    /**
     * @param  list<Job>  $jobs
     * @param  list<object>  $rows
     */
    private static function fillBikes(array $jobs, array $rows): void
    {
        $bikes = array_column(Bike::fromRows($rows), null, 'id');
        foreach ($jobs as $job) {
            $job->setRelation('bike', $bikes[$job->bike_id]);
        }
    }

    /**
     * @param  list<Job>  $jobs
     * @param  list<object>  $rows
     */
    private static function fillOwn(array $jobs, string $name, array $rows): void
    {
        $byJob = [];
        foreach (self::OWN[$name][0]::fromRows($rows) as $i => $row) {
            $byJob[((array) $rows[$i])['job_id']][] = $row;
        }
        foreach ($jobs as $job) {
            $own = $byJob[$job->id] ?? [];
            $job->setRelation($name, $name === 'kit' ? $own[0] ?? new Kit(['by_hand' => [], 'job_id' => $job->id]) : new Collection($own));
        }
    }
}

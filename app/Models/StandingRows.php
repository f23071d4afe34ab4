<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;

use function array_column;
use function array_keys;
use function array_map;
use function array_merge;
use function array_shift;
use function array_values;
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
        $sets = self::ask([$found->toSql(), ...self::own((string) $id), ...$drawer], $found->getBindings());
        $job = Job::fromRows(array_shift($sets) ?? [])[0] ?? null;
        if ($job !== null) {
            $job->setRelation('leads', new Collection(Lead::fromRows(array_pop($sets) ?? [])));
            $job->setRelation('spacers', new Collection(Spacer::fromRows(array_pop($sets) ?? [])));
            self::fill([$job], $sets);
        }

        return $job;
    }

    /** The rows of a job anew, after something of them was changed; its drawer stays as it was read. */
    public static function renew(Job $job): Job
    {
        $job->setRelations(['spacers' => $job->spacers, 'leads' => $job->leads]);
        self::fillAll([$job]);

        return $job;
    }

    /**
     * Gives each of many jobs the rows that are its own.
     *
     * @param  list<Job>  $jobs
     */
    public static function fillAll(array $jobs): void
    {
        $jobs === [] ?: self::fill($jobs, self::ask(self::own(implode(',', array_map(fn (Job $job) => $job->id, $jobs)))));
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

    /**
     * All that is a job's own, but for what is recorded on its sheets, as it was read.
     *
     * @return array<string, mixed>
     */
    public static function besideTicks(Job $job): array
    {
        $own = array_diff(['bike', ...array_keys(self::OWN)], ['stepRecords']);
        $rows = function (string $name) use ($job): array {
            $read = $job->getRelation($name);

            return array_map(fn (Row $row) => $row->getAttributes(), $read instanceof Collection ? $read->all() : [$read]);
        };

        return [...$job->only(['stopped_for', 'handed_over_at', 'ended_at']), ...array_combine($own, array_map($rows, $own))];
    }

    /** @return list<string> */
    private static function own(string $ids): array
    {
        $bikes = "select * from bikes where id in (select bike_id from jobs where id in ({$ids}))";

        return [$bikes, ...array_map(
            fn (array $one) => 'select '.($one[3] ?? '*')." from {$one[1]} where job_id in ({$ids}) {$one[2]}", array_values(self::OWN),
        )];
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
     * @param  list<list<object>>  $sets  bikes, then what is a job's own, in order
     */
    private static function fill(array $jobs, array $sets): void
    {
        $bikes = array_column(Bike::fromRows(array_shift($sets) ?? []), null, 'id');
        foreach ($jobs as $job) {
            $job->setRelation('bike', $bikes[$job->bike_id]);
        }
        foreach (array_keys(self::OWN) as $i => $name) {
            $byJob = [];
            foreach (self::OWN[$name][0]::fromRows($sets[$i]) as $row) {
                $byJob[(int) $row->getAttributes()['job_id']][] = $row;
            }
            foreach ($jobs as $job) {
                $rows = $byJob[$job->id] ?? [];
                $job->setRelation($name, $name === 'kit' ? $rows[0] ?? new Kit(['by_hand' => [], 'job_id' => $job->id]) : new Collection($rows));
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;
use LogicException;

use function array_merge;
use function array_values;
use function implode;

/**
 * A job with every row that stands of it, and the drawer as it can count on it: one way to the database, however many
 * tables they lie in. Nothing of it is kept, so that nothing of it can be yesterday's.
 */
class StandingRows
{
    /**
     * The one job a query finds; null when it finds none.
     *
     * @param  Builder<Job>  $jobs  may lock it
     */
    public static function read(Builder $jobs, int $id): ?Job
    {
        $unread = (new Job)->forceFill(['id' => $id]);
        $version = DB::table('workshops')->select('catalogue_version')->whereColumn('workshops.id', 'jobs.workshop_id');
        $queries = [...self::own([$unread]), ...self::drawer($unread)];
        $sets = self::ask([$jobs->whereKey($id)->withCustomer()->addSelect(['catalogue_version' => $version])->toBase(), ...array_values($queries)]);
        $job = Job::hydrate(array_shift($sets) ?? [])->first();

        return $job === null ? null : self::fill([$job], array_combine(array_keys($queries), $sets))[0];
    }

    /** The rows of a job anew, after something of them was changed; its drawer stays as it was read. */
    public static function renew(Job $job): Job
    {
        $job->setRelations($job->only(['spacers', 'leads']));
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
        if ($jobs !== []) {
            $queries = self::own($jobs);
            self::fill($jobs, array_combine(array_keys($queries), self::ask(array_values($queries))));
        }
    }

    /**
     * @param  non-empty-list<Job>  $jobs  their ids are enough
     * @return array<string, Query> by the relation they fill
     */
    private static function own(array $jobs): array
    {
        $queries = ['bike' => Bike::query()->whereIn('bikes.id', self::ofJobs('bike_id', $jobs))->toBase()];
        foreach (Job::OWN as $name) {
            $relation = Relation::noConstraints(fn (): Relation => self::relation($jobs[0], $name));
            $relation->addEagerConstraints($jobs);
            $queries[$name] = $relation->getQuery()->toBase();
        }

        return $queries;
    }

    /** @return array<string, Query> by the relation they fill */
    private static function drawer(Job $job): array
    {
        $workshop = self::ofJobs('workshop_id', [$job]);

        return [
            'spacers' => Spacer::query()->countedFor($job)->whereIn('spacers.workshop_id', $workshop)->inOrder()->toBase(),
            'leads' => Lead::query()->whereIn('leads.workshop_id', $workshop)->inOrder()->toBase(),
        ];
    }

    /** @param  non-empty-list<Job>  $jobs */
    private static function ofJobs(string $column, array $jobs): Query
    {
        return DB::table('jobs')->select($column)->whereIn('id', array_map(fn (Job $job) => $job->id, $jobs));
    }

    /**
     * @param  list<Query>  $queries
     * @return list<list<object>> what each finds
     */
    private static function ask(array $queries): array
    {
        /** @var list<list<object>> */
        return DB::selectResultSets(
            implode('; ', array_map(fn (Query $query) => $query->toSql(), $queries)),
            array_merge(...array_map(fn (Query $query) => $query->getBindings(), $queries)),
        );
    }

    /**
     * @param  non-empty-list<Job>  $jobs
     * @param  array<string, list<object>>  $sets  rows by the relation they fill
     * @return non-empty-list<Job>
     */
    private static function fill(array $jobs, array $sets): array
    {
        foreach ($sets as $name => $rows) {
            $relation = self::relation($jobs[0], $name);
            $relation->match($relation->initRelation($jobs, $name), $relation->getRelated()::hydrate($rows), $name);
        }

        return $jobs;
    }

    /** @return Relation<Model, Job, mixed> */
    private static function relation(Job $job, string $name): Relation
    {
        $relation = $job->{$name}();

        return $relation instanceof Relation ? $relation : throw new LogicException("A job has no rows called {$name}.");
    }
}

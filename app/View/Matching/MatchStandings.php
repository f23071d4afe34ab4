<?php

declare(strict_types=1);

namespace App\View\Matching;

use NeatSpindle\Core\Choosing\Fit\MotorMatch;
use NeatSpindle\Core\Choosing\Fit\Standing;

use function array_slice;
use function count;

/** Motors by how they stand to a bike; of very many as many as a page shows at once. */
class MatchStandings
{
    private const SHOWN = 40;

    /** @var array<string, list<MotorMatch>> */
    private array $rows = [];

    /**
     * @param  list<MotorMatch>  $rows
     * @param  callable(MotorMatch): Standing  $standingOf
     */
    public function __construct(array $rows, callable $standingOf, private readonly MatchFilter $filter)
    {
        foreach ($rows as $row) {
            $this->rows[$standingOf($row)->value][] = $row;
        }
    }

    /** @return list<MotorMatch> */
    public function all(Standing $standing): array
    {
        return $this->rows[$standing->value] ?? [];
    }

    /** @return list<MotorMatch> as many of them as a page shows at once */
    public function shown(Standing $standing): array
    {
        return array_slice($this->all($standing), $this->filter->from($standing), self::SHOWN);
    }

    /** Where the next of them begin; null when none follow. */
    public function next(Standing $standing): ?int
    {
        $next = $this->filter->from($standing) + self::SHOWN;

        return $next < count($this->all($standing)) ? $next : null;
    }
}

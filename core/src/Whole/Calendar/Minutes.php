<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Calendar;

use function array_map;
use function ceil;
use function count;
use function floor;
use function max;
use function sort;

/** What a piece of each kind of work takes in this workshop: the usual figures, and what its own steps took once enough is known. */
final readonly class Minutes
{
    /** From so many on a workshop's own steps count; ours. */
    public const ENOUGH = 5;

    /** Where nothing is learned, a careful date allows so much more; ours. */
    private const CAREFUL = 1.4;

    /** @param  array<string, array{float, float, int}>  $learned  median, upper quarter and how many, by kind */
    private function __construct(private array $learned, private bool $isCareful) {}

    public static function usual(): self
    {
        return new self([], false);
    }

    /** @param  array<string, list<float>>  $took  minutes that pieces took, by kind */
    public static function learned(array $took): self
    {
        $enough = array_filter($took, fn (array $of) => count($of) >= self::ENOUGH);

        return new self(array_map(fn (array $of) => [self::quantile($of, 0.5), self::quantile($of, 0.75), count($of)], $enough), false);
    }

    /** As long as three of four took, rather than as half of them did. */
    public function careful(): self
    {
        return new self($this->learned, true);
    }

    /** For so many pieces, in whole minutes; at least one. */
    public function of(WorkKind $kind, int $pieces): int
    {
        [$median, $upper] = $this->learned[$kind->value] ?? [$kind->minutes(), $kind->minutes() * self::CAREFUL];

        return max(1, (int) ceil($pieces * ($this->isCareful ? $upper : $median)));
    }

    /** @return array{float, float, int}|null median, upper quarter, and from how many; null where the usual counts */
    public function known(WorkKind $kind): ?array
    {
        return $this->learned[$kind->value] ?? null;
    }

    /** @param  non-empty-list<float>|list<float>  $of */
    private static function quantile(array $of, float $share): float
    {
        sort($of);
        $at = $share * (count($of) - 1);
        $low = (int) floor($at);
        $high = (int) ceil($at);

        return ($of[$low] ?? 0.0) + ($at - $low) * (($of[$high] ?? 0.0) - ($of[$low] ?? 0.0));
    }
}

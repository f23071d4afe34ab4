<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

use function in_array;

/** Somebody who works: what they can, and when they are away. */
final readonly class Person
{
    /**
     * @param  list<string>  $can  skills
     * @param  list<array{int, int}>  $away  from day to day, both included
     */
    public function __construct(public string $code, private array $can = [], private array $away = []) {}

    public function can(string $skill): bool
    {
        return in_array($skill, $this->can, true);
    }

    public function isAway(int $day): bool
    {
        foreach ($this->away as [$from, $to]) {
            if ($day >= $from && $day <= $to) {
                return true;
            }
        }

        return false;
    }
}

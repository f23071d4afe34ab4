<?php

declare(strict_types=1);

namespace App\Models\Values;

use NeatSpindle\Core\Whole\Calendar\WorkKind;

use function in_array;

/** Something that kinds of work ask for and not everybody can: what the owner calls it, and who can. */
final readonly class Skill
{
    /**
     * @param  list<WorkKind>  $work  that asks for it
     * @param  list<int>  $people  who can, by their numbers
     */
    public function __construct(public string $name, public array $work, public array $people) {}

    public function isHadBy(int $person): bool
    {
        return in_array($person, $this->people, true);
    }
}

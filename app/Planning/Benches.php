<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Role;
use App\Models\User;
use App\Models\Values\Skills;
use App\Models\Workshop;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

use function in_array;

/** Who can do what in a workshop, and how many bikes hang at a time. */
final readonly class Benches
{
    /**
     * @param  array<int, list<WorkKind>>  $doneBy  work by person
     * @param  ?int  $stands  null where that limits nothing
     */
    private function __construct(private array $doneBy, public ?int $stands) {}

    /** @param  Collection<int, User>  $people  those who work there */
    public static function of(Workshop $workshop, Collection $people): self
    {
        $skills = $workshop->skills ?? Skills::none();

        return new self($people->mapWithKeys(fn (User $user) => [
            $user->id => WorkKind::doneBy($user->role !== Role::Apprentice, $skills->lackedBy($user->id)),
        ])->all(), $people->count() > 1 ? $workshop->stands : null);
    }

    /** @return list<WorkKind> nothing for whoever does not work here */
    public function doneBy(int $person): array
    {
        return $this->doneBy[$person] ?? [];
    }

    /**
     * Who is named for which work, as far as they work here and can do it.
     *
     * @param  array<string, int>  $hands  by kind of work
     * @return array<string, string>
     */
    public function named(array $hands): array
    {
        $named = [];
        foreach ($hands as $kind => $person) {
            if (in_array(WorkKind::tryFrom($kind), $this->doneBy($person), true)) {
                $named[$kind] = (string) $person;
            }
        }

        return $named;
    }
}

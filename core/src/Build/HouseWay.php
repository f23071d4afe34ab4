<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Build;

use NeatSpindle\Core\House\HouseRules;
use NeatSpindle\Core\House\School;

/** What a house adds to the steps of a sheet, and how the bike stands at each. What changes their order lies with the steps themselves. */
final readonly class HouseWay
{
    /** Where the bike is best off for it, by chapter. */
    private const BY_TASK = [
        BuildStep::DRY => 'upside down, or in the stand',
        BuildStep::GAP => 'in the stand',
        BuildStep::BODY => 'upside down: a body lying on its back stays where it is put',
        BuildStep::TORQUE => 'wheels on the floor',
        BuildStep::DRIVE => 'in the stand; cranks to torque with the wheels on the floor',
        BuildStep::ROUTES => 'in the stand',
    ];

    private function __construct(private HouseRules $house, private bool $isCarbon) {}

    public static function of(BuildPlan $plan): self
    {
        return new self($plan->house(), $plan->material->bite() === 0.0);
    }

    public function at(BuildStep $step): BuildStep
    {
        $notes = [];
        foreach ($this->house->schools() as $school) {
            $note = $school->notes()[$step->code] ?? null;
            if ($note !== null) {
                $notes[] = $this->isAllowed($school) ? $note : 'Carbon: no teeth on it, whatever the house says.';
            }
        }

        return $step->inHouse($notes, $this->stands($step->chapter));
    }

    /** Teeth never bite carbon. */
    private function isAllowed(School $school): bool
    {
        return $school !== School::PlateToothed || ! $this->isCarbon;
    }

    private function stands(string $chapter): ?string
    {
        return match (true) {
            $this->house->follows(School::PostureFloor) => $chapter === BuildStep::TORQUE ? 'wheels on the floor' : 'upside down, or on the floor',
            $this->house->follows(School::PostureStand) => $chapter === BuildStep::TORQUE ? 'out of the stand, wheels on the floor' : 'in the stand',
            default => self::BY_TASK[$chapter] ?? null,
        };
    }
}

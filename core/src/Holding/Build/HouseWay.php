<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Ground\Turn\Posture;
use NeatSpindle\Core\Parts\Fastening\Bands;

/** What a house adds to the steps of a sheet, and how the bike stands at each. What changes their order lies with the steps themselves. */
final readonly class HouseWay
{
    /** Where the bike is best off for it, by chapter. */
    private const BY_TASK = [
        BuildStep::DRY => 'upside down, or in the stand',
        BuildStep::GAP => 'in the stand',
        BuildStep::BODY => 'upside down: a body lying on its back stays where it is put',
        BuildStep::TORQUE => 'as it was set: upside down, held by a second person or a strap',
        BuildStep::DRIVE => 'in the stand; cranks to torque with the wheels on the floor',
        BuildStep::ROUTES => 'in the stand',
        BuildStep::BACK => 'in the stand, or on its wheels',
    ];

    /** What stands by itself is lifted, and never turned over. */
    private const BY_ITSELF = 'on axle stands, its own wheels blocked; never turned over';

    /** @param  array<string, list<string>>  $notes what the house adds, by the step's code */
    private function __construct(private HouseRules $house, private array $notes, private BikeKind $kind) {}

    public static function of(BuildPlan $plan): self
    {
        $notes = [];
        foreach ($plan->house()->schools() as $school) {
            foreach ($school->notes() as $step => $note) {
                $notes[$step][] = self::isAllowed($school, $plan->material) ? $note : 'Carbon: no teeth on it, whatever the house says.';
            }
        }

        return new self($plan->house(), $notes, $plan->kind);
    }

    /** @param  array<string, string>  $takes parts and pieces the step takes, in words, by what they are */
    public function at(BuildStep $step, Bands $bands, array $takes): BuildStep
    {
        return $step->onSheet($bands, $takes, $this->notes[$step->code] ?? [], $this->stands($step->chapter), $this->posture($step->chapter));
    }

    /** Teeth never bite carbon. */
    private static function isAllowed(School $school, FrameMaterial $material): bool
    {
        return $school !== School::PlateToothed || $material->bite() > 0.0;
    }

    /** Between setting a body and making it fast nothing is turned over: it would move. */
    private function isSetIn(string $chapter): bool
    {
        return $chapter === BuildStep::BODY || $chapter === BuildStep::TORQUE;
    }

    /** Upside down from setting the body until its nut is tight, unless it hangs in a stand for that, or is never turned over. */
    private function posture(string $chapter): Posture
    {
        $isTurned = $this->isSetIn($chapter) && ! $this->kind->standsByItself() && ! $this->house->follows(School::PostureStand);

        return $isTurned ? Posture::Inverted : Posture::Upright;
    }

    private function stands(string $chapter): ?string
    {
        return match (true) {
            $this->kind->standsByItself() => self::BY_ITSELF,
            $this->house->follows(School::PostureFloor) => $this->isSetIn($chapter) ? 'upside down, from setting the body until its nut is tight' : 'upside down, or on the floor',
            $this->house->follows(School::PostureStand) => $this->isSetIn($chapter) ? 'in the stand, from setting the body until its nut is tight' : 'in the stand',
            default => self::BY_TASK[$chapter] ?? null,
        };
    }
}

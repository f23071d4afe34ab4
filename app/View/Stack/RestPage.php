<?php

declare(strict_types=1);

namespace App\View\Stack;

use App\Assembly\BracingChoice;
use App\Bench\Surroundings;
use App\Models\Stage;
use App\View\Drawings\ReactionView;
use App\View\Job\JobPage;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Ground\Measure\TorqueBand;
use NeatSpindle\Core\Holding\Around\GroundClearance;
use NeatSpindle\Core\Holding\Catalogue\Motor;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\Bracing;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Reaction;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Holding\Reaction\TubeClamp;
use NeatSpindle\Core\Measuring\Survey\Spot;

/** What the nut holds against the motor, and what must hold the rest. */
class RestPage extends JobPage
{
    public function stage(): Stage
    {
        return Stage::Stack;
    }

    public function motor(): ?Motor
    {
        return $this->opened->worksheet()?->job->kit->motor;
    }

    public function choice(): BracingChoice
    {
        $motor = $this->opened->motor() ?? abort(404);

        return BracingChoice::of($this->job->kit, $motor);
    }

    /** Null for a motor without a nut. */
    public function reaction(): ?Reaction
    {
        return $this->opened->worksheet()?->reaction;
    }

    public function band(): ?TorqueBand
    {
        return $this->motor()?->held->nut()?->torque;
    }

    public function bracing(): Bracing
    {
        return $this->choice()->bracing($this->reaction(), $this->job->bike->frame_material, $this->inTheGap());
    }

    /** How far from the ground it is with the body; null while the axis or the body is not measured. */
    public function ground(): ?GroundClearance
    {
        [$motor, $worksheet, $findings] = [$this->opened->motor(), $this->opened->worksheet(), $this->opened->findings];

        return $motor === null || $worksheet === null ? null : GroundClearance::of([
            'free' => $findings->measurement(Spot::AxisHeight), 'ridden' => $findings->measurement(Spot::AxisRidden),
            'bottomed' => $findings->measurement(Spot::AxisBottomed),
        ], $worksheet->job->kit->ring->teeth, $this->choice()->position(), $motor->papers->bodyReach);
    }

    /** @return array<string, ?string> every kind of rest, with why it does not suit this bike; null where it does */
    public function rests(): array
    {
        $rests = [];
        foreach (Rest::cases() as $rest) {
            $rests[$rest->value] = $rest->objection($this->job->bike->kind, $this->job->bike->frame_material, $this->choice()->position());
        }

        return $rests;
    }

    /** The load on the rest in N, whether or not a nut helps; null without a rest or its radius. */
    public function restLoad(): ?float
    {
        $radius = $this->choice()->restRadius();

        return match (true) {
            $radius === null || $this->choice()->rest() === null => null,
            $this->reaction() !== null => $this->reaction()->restLoad,
            default => ($this->motor()->maxTorqueNm ?? 0.0) / ($radius / 1000),
        };
    }

    /** What is known to lie in the gap from the survey; null where nothing is. */
    public function inTheGap(): ?GapContents
    {
        return $this->opened->the(Surroundings::class)->inTheGap;
    }

    public function isBoom(): bool
    {
        return $this->choice()->rest() === Rest::BoomClamp;
    }

    /** Whether a clamp is chosen, and the tube it goes round is not measured. */
    public function wantsTheTube(): bool
    {
        return $this->choice()->rest()?->clampsOneTube() === true && $this->boomClamp() === null;
    }

    public function isCarbon(): bool
    {
        return $this->job->bike->frame_material === FrameMaterial::Carbon;
    }

    /** A body above the shell has the chain's pull on its rest as well. */
    public function hasChainPull(): bool
    {
        return $this->choice()->position() === BodyPosition::Above;
    }

    public function boomClamp(): ?TubeClamp
    {
        return $this->choice()->clamp($this->opened->findings->mm(Spot::BoomDiameter));
    }

    public function drawing(): ReactionView
    {
        return new ReactionView(
            $this->opened->shape(), $this->choice()->position(), $this->isReversed(), $this->choice()->rest(), $this->choice()->gap($this->inTheGap()),
        );
    }
}

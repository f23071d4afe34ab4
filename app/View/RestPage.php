<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\BracingChoice;
use App\Models\Stage;
use App\View\Drawings\ReactionView;
use NeatSpindle\Core\Catalogue\Motor;
use NeatSpindle\Core\Catalogue\Sleeve;
use NeatSpindle\Core\Catalogue\TorqueBand;
use NeatSpindle\Core\Reaction\BoomClamp;
use NeatSpindle\Core\Reaction\Bracing;
use NeatSpindle\Core\Reaction\Reaction;
use NeatSpindle\Core\Reaction\Rest;

/** What the nut holds against the motor, and what must hold the rest. */
class RestPage extends JobPage
{
    public function stage(): Stage
    {
        return Stage::Stack;
    }

    public function motor(): ?Motor
    {
        return $this->sheet->chosenWorksheet()?->job->kit->motor;
    }

    public function choice(): BracingChoice
    {
        $motor = $this->sheet->catalogue->motors->firstWhere('id', $this->job->kit?->motor_id) ?? abort(404);

        return BracingChoice::of($this->job->kit, $motor);
    }

    /** Null for a motor without a nut. */
    public function reaction(): ?Reaction
    {
        return $this->sheet->chosenWorksheet()?->reaction;
    }

    public function band(): ?TorqueBand
    {
        $held = $this->motor()?->held;

        return $held instanceof Sleeve ? $held->nut->torque : null;
    }

    public function bracing(): Bracing
    {
        return new Bracing($this->reaction(), $this->choice()->rest(), $this->choice()->gap(), $this->choice()->restRadius());
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

    public function isBoom(): bool
    {
        return $this->choice()->rest() === Rest::BoomClamp;
    }

    public function boomClamp(): ?BoomClamp
    {
        $diameter = $this->sheet->findings->mm('boom_diameter');

        return $diameter === null ? null : BoomClamp::for($diameter);
    }

    public function drawing(): ReactionView
    {
        return new ReactionView($this->sheet->shape(), $this->choice()->position(), $this->isReversed(), $this->choice()->rest(), $this->choice()->gap());
    }
}

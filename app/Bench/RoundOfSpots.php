<?php

declare(strict_types=1);

namespace App\Bench;

use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\SurveyPlan;
use NeatSpindle\Core\Measuring\Survey\Walk;

/** The walk round the bike of a job: its spots, what is known there, and what this very bike asks for. */
class RoundOfSpots
{
    /** Where the cups stay, the shell's width is told over them for good. */
    private const OVER_THE_CUPS = [Spot::CupsWidth, Spot::CupFlange];

    public static function of(OpenJob $open): Walk
    {
        $fitted = $open->findings->fitted();
        $spots = SurveyPlan::for($open->job->bike->kind, $open->mount()?->spots() ?? [], ! $fitted->bracketStays());
        $isMoot = fn (Spot $spot): bool => $spot === Spot::BracketStays && ! ($open->canBracketStay && $fitted->leavesSpindle());
        $splits = $open->identification()?->next;

        return new Walk(
            $spots,
            array_values(array_filter($spots, fn (Spot $spot) => $open->findings->isGiven($spot) || $isMoot($spot))),
            StripProgress::isDone($open) || $open->findings->has(Spot::ShellWidth),
            array_values(array_filter([
                $splits === null ? null : Spot::atPointer("/bike/shell/{$splits->value}"),
                $open->the(GuideGaps::class)->isInTheWay() ? Spot::GuideRemedy : null,
                ...($fitted->bracketStays() ? self::OVER_THE_CUPS : []),
            ])),
            $open->isKitChosen(),
            $open->isKitChosen() ? $open->laying()->missing() : [],
        );
    }
}

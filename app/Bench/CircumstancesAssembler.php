<?php

declare(strict_types=1);

namespace App\Bench;

use App\Assembly\BracingChoice;
use App\Assembly\MountedRing;
use App\Models\Condition;
use App\Models\FastenerBand;
use App\Models\Run;
use NeatSpindle\Core\Fitting\Route\RunDetails;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Holding\Build\Fastenings;
use NeatSpindle\Core\Holding\Build\Found;
use NeatSpindle\Core\Holding\Build\Swing;
use NeatSpindle\Core\Holding\Build\Wiring;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Holding\Reaction\TubeClamp;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Fastening\Bands;
use NeatSpindle\Core\Parts\Fastening\CrankSeat;
use NeatSpindle\Core\Parts\Fastening\Fastener;
use NeatSpindle\Core\Parts\Part\RingFitting;

/** What a build depends on beside the sums, from what a job has kept. */
class CircumstancesAssembler
{
    public static function of(OpenJob $open): Circumstances
    {
        return new Circumstances(self::found($open), self::fastenings($open), self::wiring($open));
    }

    private static function found(OpenJob $open): Found
    {
        return new Found(
            $open->findings->fitted(), $open->findings->guideRemedy(), $open->the(Surroundings::class)->cures(), $open->findings->answers(),
            $open->job->conditions->whereNotNull('remedy')
                ->mapWithKeys(fn (Condition $found) => [$found->subject->value => $found->remedy])->filter()->all(),
            isGuideMeasured: $open->findings->has(Spot::GuideDepth), isBareMeasured: StripProgress::isBare($open),
            swing: new Swing($open->findings->measurement(Spot::RoomRidden), $open->findings->measurement(Spot::RoomBottomed)),
        );
    }

    private static function fastenings(OpenJob $open): Fastenings
    {
        $papers = $open->motor()?->papers;

        return new Fastenings(
            Rest::plan($open->bracing()?->rest, self::clamp($open)),
            self::ringFitting($open),
            self::bands($open),
            $papers->crankSeat ?? CrankSeat::Taper,
            $papers->crankCompound ?? Compound::Grease,
            $open->the(JobHouse::class)->rules,
            cupHand: $papers?->cupHand,
            hasHanger: $papers->hasHanger ?? false,
            insertFilm: $open->catalogue->insert($open->job->kit?->insert_id)?->film,
        );
    }

    private static function clamp(OpenJob $open): ?TubeClamp
    {
        $motor = $open->motor();

        return $motor === null ? null : BracingChoice::of($open->job->kit, $motor)->clamp($open->findings->mm(Spot::BoomDiameter));
    }

    private static function wiring(OpenJob $open): Wiring
    {
        [$laying, $fitting] = [$open->laying(), $open->the(FittingOut::class)];

        return new Wiring(
            array_combine(self::numbers($laying->laid), $open->routePlan()->routes ?? []),
            array_combine(self::numbers($laying->waiting()), array_map(fn (Run $run) => $run->toLay(), $laying->waiting())),
            array_map(fn (Run $run) => $run->toLay(), $laying->unused()),
            self::details($open),
            $open->motor()?->volts(),
            $fitting->trial,
            $fitting->cockpit,
            $fitting->sensors,
        );
    }

    /** @return array<int, RunDetails> by the run's number */
    private static function details(OpenJob $open): array
    {
        return $open->job->runs->keyBy('position')->map(fn (Run $run) => $run->details())->all();
    }

    /**
     * @param  list<Run>  $runs
     * @return list<int>
     */
    private static function numbers(array $runs): array
    {
        return array_map(fn (Run $run) => $run->position, $runs);
    }

    /** What somebody typed from the part at hand goes before what the catalogue says. */
    private static function bands(OpenJob $open): Bands
    {
        $typed = $open->job->bands->reduce(
            fn (Bands $bands, FastenerBand $row) => $bands->with($row->fastener, $row->band()), Bands::none(),
        );

        return $typed->and($open->motor()->papers->bands ?? Bands::none())->with(
            Fastener::RingBolts, self::ring($open)?->ring->papers->bolting,
        );
    }

    private static function ringFitting(OpenJob $open): RingFitting
    {
        $mounted = self::ring($open);

        return new RingFitting($mounted?->mounting, $mounted?->ring->papers->bolts, $mounted?->ring->isNarrowWide === true);
    }

    private static function ring(OpenJob $open): ?MountedRing
    {
        return $open->catalogue->parts->mounted[$open->ring()->code ?? ''] ?? null;
    }
}

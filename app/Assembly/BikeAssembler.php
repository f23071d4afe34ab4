<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Bike as BikeRow;
use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Donor\Bike\Chainstay;
use NeatSpindle\Core\Donor\Bike\ProfilePoint;
use NeatSpindle\Core\Donor\Bike\RearEnd;
use NeatSpindle\Core\Donor\Bike\TwinPlateMeasures;
use NeatSpindle\Core\Donor\Shell\Shell;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Turn\Rotation;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\StayLook;
use NeatSpindle\Core\Measuring\Survey\SurveyPlan;

/** The core's bike from what was read and answered. */
class BikeAssembler
{
    public function __construct(private readonly BikeRow $row, private readonly Findings $findings) {}

    /** Null while something is missing without which no motor can be judged. */
    public function bike(?Mount $mount): ?Bike
    {
        $shell = $this->shell();
        $rear = $this->rear();

        return $shell === null || $rear === null || $this->missing() !== [] ? null : new Bike(
            $this->row->kind,
            $this->row->frame_material,
            $shell,
            SurveyPlan::hasStay($this->row->kind) ? new Chainstay($this->profile()) : Chainstay::none(),
            $rear,
            (float) $this->findings->mm(Spot::Wheel),
            twinPlate: $mount?->measuresKey() === null ? null : $this->twinPlate(),
        );
    }

    /** Null while its width is not measured. */
    public function shell(): ?Shell
    {
        $width = $this->findings->shellWidth();

        return $width === null ? null : new Shell(
            $width,
            $this->findings->measurement(Spot::ShellBore),
            match ($this->findings->answer(Spot::ShellThreaded)) {
                'yes' => true,
                'no' => false,
                default => null,
            },
            $this->findings->measurement(Spot::ThreadPitch),
            Rotation::tryFrom($this->findings->answer(Spot::DriveCupLoosens) ?? ''),
            guideDepth: $this->findings->guideRemedy()->leavesNothing() ? Measurement::exactly(0.0) : $this->findings->measurement(Spot::GuideDepth),
        );
    }

    /** @return list<Spot> what is missing for any motor, in the order it is told */
    public function missing(): array
    {
        return array_values(array_filter(SurveyPlan::ESSENTIAL, fn (Spot $spot) => ! $this->findings->isKnown($spot)));
    }

    /** @return list<Spot> what is missing for one mount alone */
    public function missingFor(?Mount $mount): array
    {
        return array_values(array_filter($mount?->spots() ?? [], fn (Spot $spot) => $spot->isEssential() && ! $this->findings->has($spot)));
    }

    /** @return list<ProfilePoint> as measured; as it looks only while the shell is covered, so that nothing is built on a glance */
    private function profile(): array
    {
        $profile = [];
        foreach (SurveyPlan::STAY as $spot) {
            $outboard = $this->findings->measurement($spot);
            if ($outboard !== null) {
                $profile[] = new ProfilePoint((float) $spot->stayRadius(), $outboard);
            }
        }

        $look = $profile === [] && ! $this->findings->has(Spot::ShellWidth) ? $this->findings->answer(Spot::StayLook) : null;

        return StayLook::tryFrom($look ?? '')?->profile() ?? $profile;
    }

    private function rear(): ?RearEnd
    {
        $length = $this->findings->measurement(Spot::ChainstayLength);
        $cogs = $this->findings->teeth(Spot::Cogs);

        return $length === null || $cogs === null ? null : new RearEnd(
            chainstayLength: $length,
            overLocknuts: $this->findings->measurement(Spot::OverLocknuts) ?? Measurement::exactly(0.0),
            smallestCogInset: $this->findings->measurement(Spot::CogInset) ?? Measurement::exactly(0.0),
            cogs: $cogs,
            cogPitch: $this->findings->mm(Spot::CogPitch) ?? $this->findings->usualCogPitch() ?? 0.0,
            use: $this->findings->weights() ?? array_map(fn () => 1.0, $cogs),
            hubRatios: $this->findings->ratios(Spot::HubRatios) ?? [1.0],
            chainPath: $this->findings->measurement(Spot::ChainPath),
            oldChainLinks: $this->findings->count(Spot::OldChainLinks),
            twelveLinks: $this->findings->measurement(Spot::ChainTwelve),
        );
    }

    private function twinPlate(): ?TwinPlateMeasures
    {
        $ring = $this->findings->measurement(Spot::RingToPlate);
        $pinion = $this->findings->measurement(Spot::PinionToFace);
        $crank = $this->findings->measurement(Spot::CrankGap);

        return $ring === null || $pinion === null || $crank === null ? null : new TwinPlateMeasures($ring, $pinion, $crank);
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Catalogue\Sleeve;

/**
 * Builds up the stack of a sleeve mount from the shoulder leftwards: drive spacers, shell, plate spacers,
 * seat, plate, nut spacers, nut, lock ring. Worksheet contract, *stack, sleeve*. In mm.
 */
final readonly class SleeveStack
{
    /** How much more than needed a set of drive spacers may be. */
    private const DRIVE_ALLOWANCE = 25.0;

    private const PLATE_ALLOWANCE = 10.0;

    private const NUT_ALLOWANCE = 10.0;

    private const MAX_CRANK_ASYMMETRY = 8.0;

    private float $seat;

    public function __construct(
        private Footing $footing,
        private Sleeve $sleeve,
        private SpacerPicker $picker,
    ) {
        $this->seat = $sleeve->plate->toothHeight * (1 - $footing->bike->material->bite());
    }

    public function solve(): Stack
    {
        $needed = ['drive' => $this->footing->neededDrive()];
        $drive = $this->picker->pick(Place::Drive, Span::atLeast($needed['drive'], self::DRIVE_ALLOWANCE));
        if ($drive === null) {
            return $this->unsolved(Unsolved::DriveSpacers, $needed);
        }

        $needed['plate'] = max(0.0, $this->sleeve->bossPlane - ($drive->sum + $this->footing->width + $this->seat));
        $plate = $this->picker->pick(Place::Plate, Span::atLeast($needed['plate'], self::PLATE_ALLOWANCE));
        if ($plate === null) {
            return $this->unsolved(Unsolved::PlateSpacers, $needed);
        }

        $plateInnerFace = $drive->sum + $this->footing->width + $plate->sum + $this->seat;
        $needed['boss'] = $plateInnerFace - $this->sleeve->bossPlane;
        $washers = $this->picker->pick(Place::Boss, Span::snug($needed['boss'], $this->footing->doubt));

        $plateOuterFace = $plateInnerFace + $this->sleeve->plate->thickness;
        $needed['nut'] = max(0.0, $this->sleeve->threadStart() + $this->sleeve->threadPitch + $this->footing->doubt - $plateOuterFace);
        $nut = $this->picker->pick(Place::Nut, Span::atLeast($needed['nut'], self::NUT_ALLOWANCE));
        if ($nut === null) {
            return $this->unsolved(Unsolved::NutSpacers, $needed);
        }

        $spacers = ['drive' => $drive, 'plate' => $plate, 'nut' => $nut, 'boss' => $washers];
        $fit = $this->fit($drive->sum, $plateOuterFace, $plateOuterFace + $nut->sum, $needed['boss']);

        return Stack::solved(
            Mount::Sleeve,
            $this->footing->notes(),
            $this->footing->width,
            $this->seat,
            $needed,
            $spacers,
            $this->margins($drive->sum, $washers, $fit),
            $fit,
        );
    }

    /** @param  array<string, float>  $needed */
    private function unsolved(Unsolved $step, array $needed): Stack
    {
        return Stack::unsolved(Mount::Sleeve, $step, $this->footing->notes(), $this->footing->width, $this->seat, $needed);
    }

    private function fit(float $drive, float $plateOuterFace, float $nutFace, float $bossGap): SleeveFit
    {
        $reach = $this->sleeve->plate->thickness + $bossGap;
        $bolt = $this->sleeve->bossBolt->shortestThrough($reach);
        $threadLeft = $this->sleeve->length - $nutFace;

        return new SleeveFit(
            plateOuterFace: $plateOuterFace,
            nutFace: $nutFace,
            bossGap: $bossGap,
            boltLength: $bolt,
            boltEngagement: $bolt === null ? null : $bolt - $reach,
            nutEngagement: max(0.0, min($this->sleeve->nut->thickness, $threadLeft)),
            lockringEngagement: max(0.0, min($this->sleeve->lockring->thickness, $threadLeft - $this->sleeve->nut->thickness)),
            threadPitch: $this->sleeve->threadPitch,
            crankAsymmetry: $this->footing->width + 2 * $drive + $this->sleeve->spindleRight - $this->sleeve->spindleLeft
                + 2 * $this->footing->bike->shell->offset,
            ringOutboard: $this->footing->ringOutboard($drive),
        );
    }

    /** @return list<Margin> */
    private function margins(float $drive, ?Spacers $washers, SleeveFit $fit): array
    {
        $doubt = $this->footing->doubt;
        $threadLeft = $this->sleeve->length - $fit->nutFace;

        return array_values(array_filter([
            $this->footing->boreClearance(),
            $this->footing->caseToChainstay($drive),
            $this->footing->ringToChainstay($drive),
            $washers === null ? null : new Margin(MarginName::BossGap, $fit->bossGap - $washers->sum, $doubt, 0.0),
            new Margin(MarginName::ThreadStart, $fit->nutFace - $this->sleeve->threadStart(), $doubt, $this->sleeve->threadPitch),
            new Margin(MarginName::NutEngagement, $threadLeft, $doubt, $this->sleeve->nut->minEngagement),
            new Margin(MarginName::LockringEngagement, $threadLeft - $this->sleeve->nut->thickness, $doubt, $this->sleeve->lockring->minEngagement),
            $this->footing->guideClearance(),
            new Margin(MarginName::CrankAsymmetry, abs($fit->crankAsymmetry), $doubt, self::MAX_CRANK_ASYMMETRY),
        ]));
    }
}

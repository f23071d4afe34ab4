<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use NeatSpindle\Core\Bike\Doubtful;
use NeatSpindle\Core\Bike\Truth;
use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Catalogue\Sleeve;

/**
 * Builds up the stack of a sleeve mount from the shoulder leftwards: drive spacers, shell, plate spacers,
 * seat, plate, nut spacers, nut, lock ring. Worksheet contract, *stack, sleeve*. In mm.
 */
final readonly class SleeveStack implements Recipe
{
    /** How much more than needed a set of drive spacers may be. */
    private const DRIVE_ALLOWANCE = 25.0;

    private const PLATE_ALLOWANCE = 10.0;

    private const NUT_ALLOWANCE = 10.0;

    private const MAX_CRANK_ASYMMETRY = 8.0;

    private float $seat;

    public function __construct(
        public Footing $footing,
        public Sleeve $sleeve,
    ) {
        $this->seat = $sleeve->plate->toothHeight * (1 - $footing->bike->material->bite());
    }

    public function mount(): Mount
    {
        return Mount::Sleeve;
    }

    public function solve(Picker $picker): Stack
    {
        $needed = ['drive' => $this->footing->neededDrive()];
        $drive = $picker->pick(Place::Drive, Span::atLeast($needed['drive'], self::DRIVE_ALLOWANCE));
        if ($drive === null) {
            return $this->unsolved(Unsolved::DriveSpacers, $needed);
        }

        $needed['plate'] = max(0.0, $this->sleeve->bossPlane - ($drive->sum + $this->footing->width + $this->seat));
        $plate = $picker->pick(Place::Plate, Span::atLeast($needed['plate'], self::PLATE_ALLOWANCE));
        if ($plate === null) {
            return $this->unsolved(Unsolved::PlateSpacers, $needed);
        }

        $plateInnerFace = $drive->sum + $this->footing->width + $plate->sum + $this->seat;
        $needed['boss'] = $plateInnerFace - $this->sleeve->bossPlane;
        $washers = $picker->pick(Place::Boss, Span::snug($needed['boss'], $this->footing->doubt));

        $plateOuterFace = $plateInnerFace + $this->sleeve->plate->thickness;
        $needed['nut'] = max(0.0, $this->sleeve->threadStart() + $this->sleeve->threadPitch + $this->footing->doubt - $plateOuterFace);
        $nut = $picker->pick(Place::Nut, Span::atLeast($needed['nut'], self::NUT_ALLOWANCE));
        if ($nut === null) {
            return $this->unsolved(Unsolved::NutSpacers, $needed);
        }

        $fit = $this->fit($drive->sum, $plateOuterFace, $plateOuterFace + $nut->sum, $needed['boss']);

        return Stack::solved(
            Mount::Sleeve,
            $this->footing->notes(),
            $this->base(),
            $needed,
            ['drive' => $drive, 'plate' => $plate, 'nut' => $nut, 'boss' => $washers],
            $this->margins($drive->sum, $washers, $fit),
            $fit,
        );
    }

    public function sum(Stack $stack, MarginName $margin): array
    {
        $nutFace = $this->nutFaceTerms($stack);
        $threadLeft = [
            Term::catalogue('Sleeve’s length', $this->sleeve->length),
            ...array_map(fn (Term $term) => $term->times(-1.0), $nutFace),
        ];

        return match ($margin) {
            MarginName::BossGap => [
                ...$this->plateInnerFaceTerms($stack),
                Term::catalogue('Boss, from the shoulder', -$this->sleeve->bossPlane),
                Term::spacers(Place::Boss, -$stack->sumAt(Place::Boss)),
            ],
            MarginName::ThreadStart => [...$nutFace, Term::catalogue('Where the thread begins', -$this->sleeve->threadStart())],
            MarginName::NutEngagement => $threadLeft,
            MarginName::LockringEngagement => [...$threadLeft, Term::catalogue('Nut’s thickness', -$this->sleeve->nut->thickness)],
            MarginName::CrankAsymmetry => [
                ...$this->footing->widthTerms(),
                Term::spacers(Place::Drive, $stack->sumAt(Place::Drive))->times(2.0),
                Term::catalogue('Spindle’s right end', $this->sleeve->spindleRight),
                Term::catalogue('Spindle’s left end', -$this->sleeve->spindleLeft),
                Term::rule('Twice the shell’s own offset', 2 * $this->footing->bike->shell->offset),
            ],
            default => $this->footing->sum($stack, $margin) ?? [],
        };
    }

    public function settled(Truth $truth): self
    {
        return new self($this->footing->settled($truth), $this->sleeve);
    }

    public function axes(): array
    {
        $flanges = 2 * $this->footing->flange;

        return [
            new Axis(Doubtful::Chainstay, Place::Drive, BreakPoints::ofLargest($this->footing->driveDemands())),
            new Axis(Doubtful::Width, Place::Nut, BreakPoints::of($this->footing->bike->shell->width, [
                $flanges + $this->seat - $this->sleeve->bossPlane,
                $flanges + $this->seat + $this->sleeve->plate->thickness - $this->sleeve->threadStart() - $this->sleeve->threadPitch,
            ])),
        ];
    }

    /** @return list<Term> from the shoulder to the plate's right face */
    private function plateInnerFaceTerms(Stack $stack): array
    {
        return [
            Term::spacers(Place::Drive, $stack->sumAt(Place::Drive)),
            ...$this->footing->widthTerms(),
            Term::spacers(Place::Plate, $stack->sumAt(Place::Plate)),
            Term::catalogue('Seat of the plate’s teeth', $this->seat),
        ];
    }

    /** @return list<Term> from the shoulder to the nut */
    private function nutFaceTerms(Stack $stack): array
    {
        return [
            ...$this->plateInnerFaceTerms($stack),
            Term::catalogue('Plate', $this->sleeve->plate->thickness),
            Term::spacers(Place::Nut, $stack->sumAt(Place::Nut)),
        ];
    }

    /** @return array<string, float> */
    private function base(): array
    {
        return ['effective_width_mm' => $this->footing->width, 'seat_mm' => $this->seat];
    }

    /** @param  array<string, float>  $needed */
    private function unsolved(Unsolved $step, array $needed): Stack
    {
        return Stack::unsolved(Mount::Sleeve, $step, $this->footing->notes(), $this->base(), $needed);
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

    /** @return list<?Margin> */
    private function margins(float $drive, ?Spacers $washers, SleeveFit $fit): array
    {
        $doubt = $this->footing->doubt;
        $threadLeft = $this->sleeve->length - $fit->nutFace;

        return [
            $this->footing->boreClearance(),
            $this->footing->caseToChainstay($drive),
            $this->footing->ringToChainstay($drive),
            $washers === null ? null : new Margin(MarginName::BossGap, $fit->bossGap - $washers->sum, $doubt, 0.0),
            new Margin(MarginName::ThreadStart, $fit->nutFace - $this->sleeve->threadStart(), $doubt, $this->sleeve->threadPitch),
            new Margin(MarginName::NutEngagement, $threadLeft, $doubt, $this->sleeve->nut->minEngagement),
            new Margin(MarginName::LockringEngagement, $threadLeft - $this->sleeve->nut->thickness, $doubt, $this->sleeve->lockring->minEngagement),
            $this->footing->guideClearance(),
            new Margin(MarginName::CrankAsymmetry, abs($fit->crankAsymmetry), $doubt, self::MAX_CRANK_ASYMMETRY),
        ];
    }
}

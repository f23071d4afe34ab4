<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Mount\TwinPlate;

use NeatSpindle\Core\Build\BuildStep;
use NeatSpindle\Core\Build\Compound;
use NeatSpindle\Core\Build\Gate;
use NeatSpindle\Core\Build\MountSteps;
use NeatSpindle\Core\Drawer\Place;
use NeatSpindle\Core\Mount\Stack;
use NeatSpindle\Core\Survey\Spot;

/** A twin-plate motor: the shell keeps its spindle, the motor hangs beside it, a first chain drives the ring. */
final readonly class TwinPlateSteps implements MountSteps
{
    public function __construct(private Stack $stack, private TwinPlate $plates) {}

    public function firstSpacers(): string
    {
        return "Between the plates: {$this->stack->placeText(Place::Drive)}.";
    }

    public function body(): array
    {
        return [
            new BuildStep('plates-on', 'The body', 'Plate on the shell', 'Snug, not tight. Bearings on the spindle’s ground part over their whole width, no prouder than flush with the sleeve.',
                look: 'Split rings with their gaps opposite', after: ['dry-fit']),
            new BuildStep('body-in', 'The body', 'Motor hung on its plates', "Between the plates, drive side: {$this->stack->placeText(Place::Drive)}. Left of the motor: {$this->stack->placeText(Place::Left)}. The spacer beside the pinion is the machined one.",
                look: 'Motor square beside the shell', closesOff: 'the harness between motor and shell', after: ['plates-on']),
            new BuildStep('set-rest', 'The body', 'Set the motor against its rest', 'Swing it until it rests on the frame, a block, a band or a strut.',
                look: 'Nothing soft in the gap', caution: 'Something soft in the gap is a stop: the body will creep until it is cut.', after: ['body-in']),
        ];
    }

    public function torquing(): array
    {
        return [
            new BuildStep('plate-bolts', 'Torque', 'Plate bolts to torque', 'Alternate, a quarter turn at a time.', 'Key for the plate bolts, torque wrench', null, null, true, Compound::Locking,
                look: 'Plates parallel', after: ['set-rest']),
            new BuildStep('play', 'Torque', 'End play and drag', "Under the crank: {$this->stack->placeText(Place::Crank)}. Push and pull the spindle, then spin it. Play: one thin spacer more. Drag: one less.",
                look: 'No end play, no drag', after: ['plate-bolts']),
            new BuildStep('bolt-by-hand', 'Torque', 'Crank bolt by hand', "At least {$this->plates->minBoltTurns} full turns by hand before it is trusted with torque. Fewer: thinner spacers, or a longer bolt.",
                look: 'Turns counted', after: ['play']),
        ];
    }

    public function heldBy(): string
    {
        return 'bolt-by-hand';
    }

    public function beforeTheLeftCrank(): array
    {
        return ['bolt-by-hand'];
    }

    public function firstChain(): array
    {
        return [new BuildStep('first-chain', 'Drive', 'First chain on', 'Ring, pulley and pinion in one plane. Tensioner’s arm free to swing both ways and not at its end; chain off the arm.',
            look: 'On the smallest cog the chain clears the ring’s teeth', caution: 'Keep fingers out of pinion and ring.', after: ['ring', 'plate-bolts'])];
    }

    public function gates(array $answers): array
    {
        return [
            new Gate('Spindle turned by hand', self::feel($answers[Spot::BearingFeel->value] ?? null)),
            new Gate('Crank bolt by hand', $this->turns($answers[Spot::CrankBoltTurns->value] ?? null)),
            new Gate('Ring, pulley and pinion in one plane', self::plane($answers[Spot::TensionerArm->value] ?? null), 'first-chain'),
        ];
    }

    private static function feel(?string $feel): ?string
    {
        return match ($feel) {
            'free' => null,
            'play' => 'it has end play; cure it at bearings and cups.',
            'drag' => 'it drags; cure it at bearings and cups.',
            default => 'not tried yet; say on Stack how it turns.',
        };
    }

    private function turns(?string $turns): ?string
    {
        return match (true) {
            $turns === null => "not tried yet; count its full turns, at least {$this->plates->minBoltTurns}, and say so on Stack.",
            (float) $turns < $this->plates->minBoltTurns => "{$turns} of at least {$this->plates->minBoltTurns} full turns.",
            default => null,
        };
    }

    private static function plane(?string $arm): ?string
    {
        return match ($arm) {
            'free' => null,
            'end' => 'the tensioner’s arm is at its end.',
            'touches' => 'the chain touches the ring.',
            default => 'not looked at yet; say on Stack how the tensioner’s arm swings.',
        };
    }
}

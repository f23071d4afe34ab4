<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Sleeve;

use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Ground\Turn\Action;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Ground\Turn\Side;
use NeatSpindle\Core\Ground\Turn\Turn;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Holding\Build\MountSteps;
use NeatSpindle\Core\Holding\Mount\Reach;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Fastening\Band;
use NeatSpindle\Core\Parts\Fastening\Fastener;
use NeatSpindle\Core\Parts\Fastening\HexKey;

/** A sleeve motor: body from the drive side, plate and nut from the left; bolts run in, then nut and bolts to torque in the order of the house. */
final readonly class SleeveSteps implements MountSteps
{
    private const SOURCE = 'the catalogue';

    /** @param  ?Reach  $reach of the workshop's socket over the spindle to the nut; null where that is not known */
    public function __construct(
        private Stack $stack, private SleeveArrangement $fit, private Sleeve $sleeve, private HouseRules $house, private ?Reach $reach = null,
    ) {}

    public function firstSpacers(): string
    {
        return "Drive side: {$this->stack->placeText(Place::Drive)}.";
    }

    public function needsTheRingFirst(): bool
    {
        return false;
    }

    public function keepsTheBracket(): bool
    {
        return false;
    }

    public function beforeTheRing(): array
    {
        return [];
    }

    public function setAfter(): string
    {
        return 'nut-hand';
    }

    public function body(): array
    {
        return [
            BuildStep::worded(
                'body-in', BuildStep::BODY, Wording::of(SleeveWords::BODY_IN, drive: $this->stack->placeText(Place::Drive)),
                after: ['dry-fit'],
            ),
            BuildStep::worded(
                'plate-on', BuildStep::BODY,
                Wording::of(SleeveWords::PLATE_ON, plate: $this->stack->placeText(Place::Plate), nut: $this->stack->placeText(Place::Nut)),
                after: ['body-in'],
            ),
            BuildStep::worded(
                'bolts-hand', BuildStep::BODY,
                Wording::of(SleeveWords::BOLTS_HAND, thread: $this->sleeve->bossBolt->thread, boltLength: $this->fit->boltLength, boss: $this->stack->placeText(Place::Boss)),
                turn: new Turn('Plate bolt', Hand::Right, Action::Tighten, Side::NonDrive), compound: Compound::Locking, after: ['plate-on'],
            ),
            BuildStep::worded(
                'nut-hand', BuildStep::BODY, Wording::of($this->isNutDry() ? SleeveWords::NUT_HAND_DRY : SleeveWords::NUT_HAND),
                turn: new Turn('Nut', Hand::Right, Action::Tighten, Side::NonDrive), compound: $this->isNutDry() ? Compound::None : Compound::Locking,
                after: ['bolts-hand'],
            ),
        ];
    }

    public function torquing(): array
    {
        [$out, $ready] = $this->isSpindleInTheWay()
            ? [[BuildStep::worded('spindle-out', BuildStep::TORQUE, Wording::of(SleeveWords::SPINDLE_OUT), after: ['set-rest'])], 'spindle-out'] : [[], 'set-rest'];
        $torqued = $this->house->follows(School::BoltsFirst)
            ? [$this->bossBolts($ready), $this->nut(SleeveWords::NUT_TORQUE_LAST, 'boss-bolts'), $this->look(SleeveWords::PLATE_LOOK_LAST), ...$this->lockring()]
            : [$this->nut(SleeveWords::NUT_TORQUE, $ready), $this->look(SleeveWords::PLATE_LOOK), $this->bossBolts('plate-look'), ...$this->lockring()];

        return [...$out, ...$torqued, ...$this->spindleIn()];
    }

    /** Whether the nut is torqued with the spindle out, because the socket does not pass over its end or does not reach down beside it. */
    private function isSpindleInTheWay(): bool
    {
        return $this->reach !== null && ! $this->reach->reaches && $this->reach->doesSpindleComeOut;
    }

    /** @return list<BuildStep> the spindle again, once nothing is left to do where it stands; none where it stayed */
    private function spindleIn(): array
    {
        $before = $this->sleeve->lockring === null ? 'boss-bolts' : 'lockring';

        return ! $this->isSpindleInTheWay() ? [] : [
            BuildStep::worded('spindle-in', BuildStep::TORQUE, Wording::of(SleeveWords::SPINDLE_IN), compound: Compound::Grease, after: ['plate-look', $before]),
            BuildStep::worded('spindle-preload', BuildStep::TORQUE, Wording::of(SleeveWords::SPINDLE_PRELOAD), after: ['spindle-in']),
            BuildStep::worded(
                'spindle-lock', BuildStep::TORQUE, Wording::of(SleeveWords::SPINDLE_LOCK), fastener: Fastener::CollarScrew, compound: Compound::Locking,
                after: ['spindle-preload'],
            ),
        ];
    }

    /** @param  array<string, string>  $words */
    private function nut(array $words, string $after): BuildStep
    {
        return BuildStep::worded(
            'nut-torque', BuildStep::TORQUE, Wording::of($words), turn: new Turn('Nut', Hand::Right, Action::Tighten, Side::NonDrive),
            fastener: Fastener::Nut, band: new Band($this->sleeve->nut->torque, self::SOURCE), after: [$after],
        );
    }

    /** @param  array<string, string>  $words */
    private function look(array $words): BuildStep
    {
        return BuildStep::worded('plate-look', BuildStep::TORQUE, Wording::of($words), after: ['nut-torque']);
    }

    private function bossBolts(string $after): BuildStep
    {
        return BuildStep::worded(
            'boss-bolts', BuildStep::TORQUE,
            Wording::of(
                SleeveWords::BOSS_BOLTS, thread: $this->sleeve->bossBolt->thread, boltLength: $this->fit->boltLength,
                key: HexKey::of($this->sleeve->bossBolt->thread),
            ),
            turn: new Turn('Plate bolt', Hand::Right, Action::Tighten, Side::NonDrive), fastener: Fastener::PlateBolts, after: [$after],
        );
    }

    private function isNutDry(): bool
    {
        return $this->house->follows(School::NutDry);
    }

    public function heldBy(): string
    {
        return $this->isSpindleInTheWay() ? 'spindle-lock' : 'nut-torque';
    }

    public function beforeTheLeftCrank(): array
    {
        return $this->sleeve->lockring === null ? ['boss-bolts'] : ['lockring', 'boss-bolts'];
    }

    public function seatsRightCrankAt(): null
    {
        return null;
    }

    public function laysTheBikesChain(): bool
    {
        return false;
    }

    public function parts(): array
    {
        $isOutOfReach = $this->reach !== null && ! $this->reach->reaches && ! $this->reach->doesSpindleComeOut;

        return [
            'bolts-hand' => "Plate bolts {$this->sleeve->bossBolt->thread} × {$this->fit->boltLength}",
            ...($isOutOfReach ? ['nut-torque' => sprintf(
                'Tool for the nut that reaches it over the spindle: bored %.1f mm and %.1f mm deep at the least, for a torque wrench',
                $this->reach->neededBore, $this->reach->neededDepth,
            )] : []),
        ];
    }

    public function takes(): array
    {
        return [
            'dry-fit' => $this->stack->pieces(Place::Drive),
            'body-in' => $this->stack->pieces(Place::Drive),
            'plate-on' => $this->stack->pieces(Place::Plate, Place::Nut),
            'bolts-hand' => [
                ...$this->stack->pieces(Place::Boss), 'the plate bolt' => "{$this->sleeve->bossBolt->thread} × {$this->fit->boltLength}",
            ],
        ];
    }

    public function gates(): array
    {
        return [];
    }

    /** @return list<BuildStep> none for a kit with a single nut */
    private function lockring(): array
    {
        $isLocked = $this->house->follows(School::LockringLocked);

        return $this->sleeve->lockring === null ? [] : [
            BuildStep::worded(
                'lockring', BuildStep::TORQUE, Wording::of($isLocked ? SleeveWords::LOCKRING_LOCKED : SleeveWords::LOCKRING),
                turn: new Turn('Lock ring', Hand::Right, Action::Tighten, Side::NonDrive),
                fastener: Fastener::Lockring, band: new Band($this->sleeve->lockring->torque, self::SOURCE), compound: $isLocked ? Compound::Locking : Compound::None,
                after: ['nut-torque'],
            ),
        ];
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Holding\Build\RestPlan;
use NeatSpindle\Core\Parts\Fastening\Fastener;

use function in_array;

/** What keeps the body from turning once the nut's friction is used up. */
enum Rest: string
{
    case Frame = 'frame';
    case Block = 'block';
    case TubeBand = 'tube_band';
    case Strut = 'strut';
    case BoomClamp = 'boom_clamp';
    case SeatTubeClamp = 'seat_tube_clamp';
    case StayClamp = 'stay_clamp';
    case SeatPad = 'seat_pad';

    private const IN_FRONT = [BodyPosition::Front, BodyPosition::Below];

    private const ANY_SIZE = 'The size that fits the tube, or the next with a shim of at most a millimetre.';

    /** Kinds whose shell has a down tube above and in front of it for the body to swing up to. */
    private const WITH_DOWN_TUBE = [BikeKind::Diamond, BikeKind::StepThrough, BikeKind::FullSuspension, BikeKind::Fat, BikeKind::Downhill, BikeKind::LongTail];

    public function label(): string
    {
        return match ($this) {
            self::Frame => 'On the down tube itself',
            self::Block => 'Hard block between body and down tube',
            self::TubeBand => 'Band around the down tube',
            self::Strut => 'Strut or torque arm',
            self::BoomClamp => 'Clamp on the boom',
            self::SeatTubeClamp => 'Clamp on the seat tube',
            self::StayClamp => 'Clamp on the chainstays',
            self::SeatPad => 'On seat tube or stays, a pad between',
        };
    }

    /**
     * What is done about a rest, in words; about one nobody has chosen yet, that it has to be chosen.
     *
     * @param  ?TubeClamp  $clamp what goes around the tube it clamps, where that is measured
     */
    public static function plan(?self $rest, ?TubeClamp $clamp = null): RestPlan
    {
        $words = $rest === null ? RestWords::UNDECIDED : RestWords::ALL[$rest->value];

        return new RestPlan(
            $rest === null ? 'not chosen' : lcfirst(self::part($rest, $clamp) ?? $rest->label()),
            isset($words['on']) ? Wording::of($words['on'], size: $clamp?->words() ?? self::ANY_SIZE) : null,
            Wording::of($words['set']),
            isset($words['torque']) ? Wording::of($words['torque']) : null,
            $rest === self::Block ? null : Fastener::Rest,
            isset($words['on']) ? self::part($rest, $clamp) : null,
        );
    }

    private static function part(?self $rest, ?TubeClamp $clamp): ?string
    {
        return match (true) {
            $rest === null => null,
            ! $rest->clampsOneTube() => $rest->label(),
            $clamp === null => "{$rest->label()}, in the size of the tube, which is not measured yet",
            default => "{$rest->label()}: {$clamp->words()}",
        };
    }

    /** Why it does not suit this bike; null when it does. */
    public function objection(BikeKind $kind, FrameMaterial $material, BodyPosition $position): ?string
    {
        return match (true) {
            $this->isClamp() && $material === FrameMaterial::Carbon => 'Nothing is clamped on carbon; its maker decides.',
            $this->needsDownTube() && ! in_array($kind, self::WITH_DOWN_TUBE, true) => 'This frame has no down tube where the body swings to.',
            $this->needsDownTube() && $position !== BodyPosition::Below => 'The body does not swing up to the down tube from there.',
            $this === self::SeatPad && ! self::isPulledBack($kind, $position) => 'Only a body above the shell, inside a triangle, is pulled there.',
            $this === self::BoomClamp && $kind !== BikeKind::TadpoleTrike => 'There is no boom.',
            $this === self::SeatTubeClamp && in_array($position, self::IN_FRONT, true) => 'Nothing on the seat tube reaches a body in front of the shell.',
            $this === self::SeatTubeClamp && $kind === BikeKind::TadpoleTrike => 'The seat tube is not near the shell.',
            $this === self::StayClamp && $kind === BikeKind::TadpoleTrike => 'The stays are not near the shell.',
            default => null,
        };
    }

    /** Whether it goes round one tube, and comes in sizes for it. */
    public function clampsOneTube(): bool
    {
        return $this === self::BoomClamp || $this === self::SeatTubeClamp;
    }

    /** Whether something of the body presses on the frame, so that what lies between gets crushed. */
    public function pressesOnTheFrame(): bool
    {
        return in_array($this, [self::Frame, self::Block, self::SeatPad], true);
    }

    /** Whether the maker of a carbon frame has to allow it: something bears on the frame that it was not made for. */
    public function bearsOnTheFrame(): bool
    {
        return $this->pressesOnTheFrame() || $this === self::Strut;
    }

    /** Whether the body, once it is set, closes the gap to the frame; clamped away from it, it cannot. */
    public function closesThePinch(): bool
    {
        return $this->pressesOnTheFrame() || $this === self::TubeBand;
    }

    private static function isPulledBack(BikeKind $kind, BodyPosition $position): bool
    {
        return $position === BodyPosition::Above && in_array($kind, self::WITH_DOWN_TUBE, true);
    }

    private function isClamp(): bool
    {
        return in_array($this, [self::TubeBand, self::BoomClamp, self::SeatTubeClamp, self::StayClamp], true);
    }

    private function needsDownTube(): bool
    {
        return in_array($this, [self::Frame, self::Block, self::TubeBand], true);
    }
}

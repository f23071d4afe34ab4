<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Sensor;

/** Where the speed sensor sits: mostly on the left chainstay; elsewhere where that is too far, or something is in its way. */
enum SpeedSite: string
{
    case StayLeft = 'stay-left';
    case StayRight = 'stay-right';
    case Boss = 'boss';
    case Front = 'front';
    case Boom = 'boom';

    public function label(): string
    {
        return match ($this) {
            self::StayLeft => 'On the left chainstay',
            self::StayRight => 'On the right chainstay',
            self::Boss => 'On a boss beside the wheel, by a bracket',
            self::Front => 'At a front wheel',
            self::Boom => 'At the end of the boom',
        };
    }

    /** Whether the face of the stay that its maker names is meant there. */
    public function isOnAStay(): bool
    {
        return $this === self::StayLeft || $this === self::StayRight;
    }

    /**
     * Where its lead ends on a frame; null where the frame has no such place.
     *
     * @param  array<string, mixed>  $places of the frame, by name
     */
    public function placeAmong(array $places): ?string
    {
        $may = match ($this) {
            self::StayLeft, self::StayRight, self::Boss => ['stay'],
            self::Front => ['fork-end', 'cross', 'front'],
            self::Boom => ['boom-end'],
        };

        return array_values(array_filter($may, fn (string $place) => isset($places[$place])))[0] ?? null;
    }
}

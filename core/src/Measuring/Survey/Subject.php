<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Donor\Bike\FrameMaterial;

/** What of a donor's condition is looked at before anything is promised. */
enum Subject: string
{
    case Frame = 'frame';
    case Carbon = 'carbon';
    case Wheels = 'wheels';
    case Rims = 'rims';
    case BrakeKind = 'brake-kind';
    case Pads = 'pads';
    case Rotors = 'rotors';
    case BrakesEnough = 'brakes-enough';
    case Chain = 'chain';
    case Bearings = 'bearings';
    case Lights = 'lights';

    /** @return list<self> what is looked at on a bike of this material: carbon only where there may be some */
    public static function on(FrameMaterial $frame): array
    {
        return array_values(array_filter(self::cases(), fn (self $subject) => $subject !== self::Carbon || $frame !== FrameMaterial::Steel));
    }

    /** Whether what is found there may end a job: it is looked at before anything comes off. */
    public function mayEndAJob(): bool
    {
        return match ($this) {
            self::Frame, self::Carbon, self::Wheels, self::BrakeKind => true,
            default => false,
        };
    }

    public function label(): string
    {
        return SubjectWords::ALL[$this->value][0];
    }

    /** What is got where it is replaced; null where that is no part. */
    public function part(): ?string
    {
        return match ($this) {
            self::Pads => 'Brake pads or shoes, front and rear',
            self::Rotors => 'Rotors, of the diameter that is on it',
            self::BrakeKind, self::BrakesEnough => 'Brake parts, as written down under Condition',
            self::Wheels, self::Rims => 'Wheel, rim or spokes, as written down under Condition',
            self::Bearings => 'Bearings, as written down under Condition',
            self::Lights => 'Lights, front and rear',
            self::Chain => 'Worn cogs, as written down under Condition',
            self::Frame, self::Carbon => null,
        };
    }

    /** What to look at. */
    public function look(): string
    {
        return SubjectWords::ALL[$this->value][1];
    }
}

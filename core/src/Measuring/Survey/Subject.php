<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;

use function in_array;

/** What of a donor's condition is looked at before anything is promised. */
enum Subject: string
{
    case Frame = 'frame';
    case Carbon = 'carbon';
    case Joint = 'joint';
    case Wheels = 'wheels';
    case Rims = 'rims';
    case BrakeKind = 'brake-kind';
    case Coaster = 'coaster';
    case Belt = 'belt';
    case Pads = 'pads';
    case Rotors = 'rotors';
    case BrakesEnough = 'brakes-enough';
    case Chain = 'chain';
    case Bearings = 'bearings';
    case Pedals = 'pedals';
    case Tyres = 'tyres';
    case Carriers = 'carriers';
    case SteeringRod = 'steering-rod';
    case Lights = 'lights';

    /** Kinds whose front wheel, or wheels, are steered by a rod. */
    private const WITH_A_ROD = [BikeKind::BoxCargo, BikeKind::TadpoleTrike, BikeKind::DeltaTrike, BikeKind::FourWheeler];

    /** @return list<self> what is looked at on such a bike: carbon only where there may be some, a rod where one steers */
    public static function on(BikeKind $kind, FrameMaterial $frame): array
    {
        return array_values(array_filter(self::cases(), fn (self $subject) => match ($subject) {
            self::Carbon => $frame !== FrameMaterial::Steel,
            self::SteeringRod => in_array($kind, self::WITH_A_ROD, true),
            default => true,
        }));
    }

    /** Whether what is found there may end a job: it is looked at before anything comes off. */
    public function mayEndAJob(): bool
    {
        return match ($this) {
            self::Frame, self::Carbon, self::Joint, self::Wheels, self::BrakeKind, self::Coaster, self::Belt => true,
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
            self::Belt => 'Chain, cogs and what leads it, in place of the belt',
            self::Coaster => 'Rear hub with a freewheel, and a brake for it',
            self::Pedals => 'Pedals',
            self::Tyres => 'Tyres, of the size that is on them',
            self::Carriers => 'Carrier, seat or coupling, as written down under Condition',
            self::SteeringRod => 'Joints of the steering’s rod',
            self::Chain => 'Worn cogs, as written down under Condition',
            self::Frame, self::Carbon, self::Joint => null,
        };
    }

    /** What to look at. */
    public function look(): string
    {
        return SubjectWords::ALL[$this->value][1];
    }
}

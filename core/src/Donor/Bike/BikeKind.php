<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Bike;

/** The kinds of bike a workshop sees. */
enum BikeKind: string
{
    case Diamond = 'diamond';
    case StepThrough = 'step-through';
    case FullSuspension = 'full-suspension';
    case Fat = 'fat';
    case Downhill = 'downhill';
    case LongTail = 'long-tail';
    case BoxCargo = 'box-cargo';
    case TadpoleTrike = 'tadpole-trike';
    case DeltaTrike = 'delta-trike';
    case FourWheeler = 'four-wheeler';

    /** Other words that job documents use for a kind. */
    public const ALIASES = ['mountain' => self::Diamond, 'city' => self::Diamond];

    public function label(): string
    {
        return match ($this) {
            self::Diamond => 'Diamond frame',
            self::StepThrough => 'Step-through',
            self::FullSuspension => 'Full suspension',
            self::Fat => 'Fat bike',
            self::Downhill => 'Downhill',
            self::LongTail => 'Long-tail cargo',
            self::BoxCargo => 'Box cargo',
            self::TadpoleTrike => 'Tadpole trike',
            self::DeltaTrike => 'Delta trike',
            self::FourWheeler => 'Four-wheeler',
        };
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Bike;

use function in_array;

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

    /**
     * Kinds that stand by themselves on three wheels or four and are never turned over; who rides them sits low, the crank in
     * front on a boom or a mast, with no chainstay beside its ring.
     */
    private const STANDING_BY_THEMSELVES = [self::TadpoleTrike, self::DeltaTrike, self::FourWheeler];

    public function standsByItself(): bool
    {
        return in_array($this, self::STANDING_BY_THEMSELVES, true);
    }

    /** Whether its rear end moves on a spring. */
    public function isSprung(): bool
    {
        return $this === self::FullSuspension || $this === self::Downhill;
    }

    /** How many wheels stand side by side in front. */
    public function wheelsInFront(): int
    {
        return $this === self::TadpoleTrike || $this === self::FourWheeler ? 2 : 1;
    }

    public function wheelsBehind(): int
    {
        return $this === self::DeltaTrike || $this === self::FourWheeler ? 2 : 1;
    }

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

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hill;

/** What a road is made of, with the rolling resistance usual for tyres at a sensible pressure. */
enum Surface: string
{
    /** What is meant where nothing was said. */
    public const USUAL = self::Street;

    case Asphalt = 'asphalt';
    case Street = 'street';
    case Gravel = 'gravel';
    case Trail = 'trail';
    case Sand = 'sand';

    public function label(): string
    {
        return match ($this) {
            self::Asphalt => 'Smooth asphalt',
            self::Street => 'Ordinary street',
            self::Gravel => 'Gravel',
            self::Trail => 'Loose trail',
            self::Sand => 'Sand or snow',
        };
    }

    /** Without unit: the force over the weight. */
    public function resistance(): float
    {
        return match ($this) {
            self::Asphalt => 0.006,
            self::Street => Load::ROLLING,
            self::Gravel => 0.014,
            self::Trail => 0.025,
            self::Sand => 0.045,
        };
    }

    /** @return array<string, string> labels by value */
    public static function labels(): array
    {
        return array_combine(array_column(self::cases(), 'value'), array_map(fn (self $one) => $one->label(), self::cases()));
    }
}

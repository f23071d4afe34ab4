<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Around;

use NeatSpindle\Core\Holding\Reaction\BodyPosition;

/** Where a motor's body goes round the shell, and the room it leaves there. In mm and degrees. */
final readonly class BodyRoom
{
    /** How far to either side of its own direction a body reaches round the shell; ours, from bodies that are about as wide as a hand. */
    private const REACHES = 75.0;

    /**
     * @param  float  $bearing the body's direction from the axis, as BodyPosition has it
     * @param  ?float  $gap the room between the shell's tube and the body; null where nobody has said
     */
    private function __construct(public float $bearing, public ?float $gap) {}

    public static function of(BodyPosition $position, ?float $gap): self
    {
        return new self($position->bearing(), $gap);
    }

    public function reaches(float $angle): bool
    {
        $off = abs(fmod($angle - $this->bearing + 540.0, 360.0) - 180.0);

        return $off <= self::REACHES;
    }

    /** @return array{float, float} from where to where it reaches, in degrees, anticlockwise */
    public function span(): array
    {
        return [$this->bearing - self::REACHES, $this->bearing + self::REACHES];
    }
}

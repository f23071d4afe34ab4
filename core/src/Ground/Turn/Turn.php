<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Turn;

/** One part to be turned, by a person standing on a side of a bike in a posture. */
final readonly class Turn
{
    public function __construct(
        public string $part,
        public Hand $hand,
        public Action $action,
        public Side $side,
        public Posture $posture = Posture::Upright,
    ) {}

    /** Facing the part from its own side: a right-hand thread tightens clockwise. */
    public function rotation(): Rotation
    {
        return ($this->hand === Hand::Right) === ($this->action === Action::Tighten)
            ? Rotation::Clockwise
            : Rotation::Anticlockwise;
    }

    /**
     * Where the top of the wrench goes. On the drive side of an upright bike the front wheel is on the
     * right, so clockwise goes to the front; on the left side, and again when inverted, this swaps.
     */
    public function handleTopGoesTo(): Direction
    {
        $frontIsOnTheRight = ($this->side === Side::Drive) === ($this->posture === Posture::Upright);

        return $frontIsOnTheRight === ($this->rotation() === Rotation::Clockwise) ? Direction::Front : Direction::Back;
    }

    public function in(Posture $posture): self
    {
        return new self($this->part, $this->hand, $this->action, $this->side, $posture);
    }

    /** Whether another goes the same way round, seen from the same side. */
    public function isLike(self $other): bool
    {
        return $this->side === $other->side && $this->hand === $other->hand && $this->action === $other->action;
    }
}

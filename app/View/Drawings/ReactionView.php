<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Reaction\BodyPosition;
use NeatSpindle\Core\Reaction\GapContents;
use NeatSpindle\Core\Reaction\Rest;

/** The body around the crank axis, seen from the drive side, front to the right, with the way it wants to turn. */
class ReactionView
{
    public const CENTRE_X = 230.0;

    public const CENTRE_Y = 190.0;

    private const BODY_AT = 92.0;

    public function __construct(
        public readonly BodyPosition $position,
        public readonly bool $isReversed,
        public readonly ?Rest $rest,
        public readonly GapContents $gap,
    ) {}

    /** @return array{float, float} the middle of the body */
    public function body(): array
    {
        return $this->at($this->position->bearing(), self::BODY_AT);
    }

    /** An arrow outside the body, the way its far end wants to go. */
    public function swing(): string
    {
        $from = $this->position->bearing() + ($this->turns() > 0 ? -8 : 8);
        $points = array_map(fn (int $step) => $this->at($from + $this->turns() * $step * 6, 158.0), range(0, 7));
        $path = implode(' L', array_map(fn (array $point) => sprintf('%.1F %.1F', ...$point), $points));
        [$x, $y] = $points[7];
        $barbs = array_map(fn (float $radius) => $this->at($from + $this->turns() * 36, $radius), [148.0, 168.0]);

        return "M{$path} M".sprintf('%.1F %.1F L%.1F %.1F L%.1F %.1F', ...$barbs[0], ...[$x, $y], ...$barbs[1]);
    }

    /** The way the crank is driven, as an arrow around the axis. */
    public function drive(): string
    {
        $points = array_map(fn (int $step) => $this->at(150 - $this->turns() * $step * 15, 40.0), range(0, 8));
        $path = implode(' L', array_map(fn (array $point) => sprintf('%.1F %.1F', ...$point), $points));
        [$x, $y] = $points[8];
        $barbs = array_map(fn (float $radius) => $this->at(150 - $this->turns() * 106, $radius), [32.0, 48.0]);

        return "M{$path} M".sprintf('%.1F %.1F L%.1F %.1F L%.1F %.1F', ...$barbs[0], ...[$x, $y], ...$barbs[1]);
    }

    /** @return array{float, float} where the rest holds the body */
    public function restAt(): array
    {
        return $this->at($this->position->bearing() + $this->turns() * ($this->rest?->pressesOnTheFrame() ? 34 : 26), 118.0);
    }

    public function description(): string
    {
        $rest = $this->rest === null ? 'nothing holds it yet' : lcfirst($this->rest->label());

        return "Seen from the drive side, front to the right: the body hangs {$this->position->label()}, wants to go {$this->position->swings($this->isReversed)}; rest: {$rest}.";
    }

    /** 1 for anticlockwise, -1 for clockwise. */
    private function turns(): int
    {
        return $this->isReversed ? -1 : 1;
    }

    /** @return array{float, float} */
    private function at(float $bearing, float $radius): array
    {
        return [
            round(self::CENTRE_X + $radius * cos(deg2rad($bearing)), 1),
            round(self::CENTRE_Y - $radius * sin(deg2rad($bearing)), 1),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Measuring\Frame\BikeShape;

use function count;
use function in_array;

/**
 * The body around the crank axis among the tubes of its frame, seen from its drive side, with the way it wants to
 * turn. Front is to the right; to the left where the drive side is the bike's left.
 */
class ReactionView
{
    public const WIDTH = 500.0;

    public const HEIGHT = 370.0;

    private const CENTRE_X = 230.0;

    public const CENTRE_Y = 190.0;

    private const BODY_AT = 92.0;

    private const REST_AT = 118.0;

    /** How far tubes are drawn, and where along them their name stands. */
    private const TUBE_TO = 215.0;

    private const NAME_AT = 178.0;

    private const NAME_ASIDE = 26.0;

    public function __construct(
        private readonly BikeShape $shape,
        public readonly BodyPosition $position,
        public readonly bool $isReversed,
        public readonly ?Rest $rest,
        public readonly GapContents $gap,
    ) {}

    public function centreX(): float
    {
        return $this->at(0.0, 0.0)[0];
    }

    /** @return list<array{name: string, width: float, to: array{float, float}, nameAt: array{float, float}, anchor: string}> */
    public function tubes(): array
    {
        return array_map(function (array $tube): array {
            [$x, $y] = $this->at($tube['bearing'], self::NAME_AT);
            $isSteep = abs(sin(deg2rad($tube['bearing']))) > 0.7;

            return [
                'name' => str_replace('-', ' ', $tube['name']),
                'width' => min(30.0, max(14.0, $tube['width'] * 0.65)),
                'to' => $this->at($tube['bearing'], self::TUBE_TO),
                'nameAt' => $isSteep ? [$x - self::NAME_ASIDE, $y] : [$x, $y - self::NAME_ASIDE],
                'anchor' => $isSteep ? 'end' : 'middle',
            ];
        }, $this->shape->tubesAtTheCrank());
    }

    /** @return array{float, float} the middle of the body */
    public function body(): array
    {
        return $this->at($this->position->bearing(), self::BODY_AT);
    }

    /** An arrow outside the body, the way its far end wants to go. */
    public function swing(): string
    {
        return $this->arrow(array_map(fn (int $step) => $this->position->bearing() - 8 + $step * 6, range(0, 7)), 158.0, 10.0);
    }

    /** The way the crank is driven, as an arrow around the axis. */
    public function drive(): string
    {
        return $this->arrow(array_map(fn (int $step) => 150.0 - $step * 15, range(0, 8)), 40.0, 8.0);
    }

    /** @return array{float, float} where the rest holds the body: on the tube it clamps, else beside the body on the side it swings to */
    public function restAt(): array
    {
        $clamped = $this->clampedTube();

        return match (true) {
            $clamped !== null => $this->at($clamped, self::REST_AT),
            $this->rest?->pressesOnTheFrame() === true => $this->at($this->position->bearing() + 34, self::REST_AT),
            default => $this->at($this->position->bearing() + 26, self::REST_AT),
        };
    }

    public function isClamped(): bool
    {
        return $this->clampedTube() !== null;
    }

    /** Which way the tube goes that the rest clamps; null where it clamps none. */
    private function clampedTube(): ?float
    {
        $names = match ($this->rest) {
            Rest::TubeBand => ['down-tube'],
            Rest::BoomClamp => ['boom', 'mast'],
            Rest::SeatTubeClamp => ['seat-tube'],
            Rest::StayClamp => ['chainstay'],
            default => [],
        };
        foreach ($this->shape->tubesAtTheCrank() as $tube) {
            if (in_array($tube['name'], $names, true)) {
                return $tube['bearing'];
            }
        }

        return null;
    }

    public function seenFrom(): string
    {
        return $this->isReversed ? 'Seen from the drive side, the bike’s left; front to the left' : 'Seen from the drive side, front to the right';
    }

    public function description(): string
    {
        $rest = $this->rest === null ? 'nothing holds it yet' : lcfirst($this->rest->label());

        return "{$this->seenFrom()}: the body hangs {$this->position->label()}, wants to go {$this->position->swings()}; rest: {$rest}.";
    }

    /**
     * Along an arc, with barbs a step before its end.
     *
     * @param  non-empty-list<float>  $bearings
     */
    private function arrow(array $bearings, float $radius, float $barb): string
    {
        $write = fn (array $point): string => sprintf('%.1F %.1F', ...$point);
        $points = array_map(fn (float $bearing) => $write($this->at($bearing, $radius)), $bearings);
        [$tip, $before] = [$points[count($points) - 1], $bearings[count($bearings) - 2]];
        $barbs = [$write($this->at($before, $radius - $barb)), $write($this->at($before, $radius + $barb))];

        return 'M'.implode(' L', $points)." M{$barbs[0]} L{$tip} L{$barbs[1]}";
    }

    /** @return array{float, float} */
    private function at(float $bearing, float $radius): array
    {
        $x = self::CENTRE_X + $radius * cos(deg2rad($bearing));

        return [
            round($this->isReversed ? self::WIDTH - $x : $x, 1),
            round(self::CENTRE_Y - $radius * sin(deg2rad($bearing)), 1),
        ];
    }
}

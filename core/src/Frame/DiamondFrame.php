<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Frame;

/**
 * A diamond hardtail seen from the drive side, drawn from its measures; what is not measured yet is typical
 * of the kind. In mm.
 */
final readonly class DiamondFrame
{
    private const TYPICAL = [
        'chainstay_length' => 440.0,
        'seat_tube' => 460.0,
        'top_tube' => 590.0,
        'wheel' => 2200.0,
        'bar_to_head' => 240.0,
    ];

    /** The wheel axles stand this much above the crank axis. */
    private const AXLE_RISE = 60.0;

    private const SEAT_ANGLE = 107.0;

    private const HEAD_ANGLE = 111.0;

    private const HEAD_TUBE = 120.0;

    private const FORK_RAKE = 42.0;

    private function __construct(
        public Point $crank,
        public Point $rearAxle,
        public Point $frontAxle,
        public Point $seatTop,
        public Point $headTop,
        public Point $headBottom,
        public Point $bar,
        public float $wheelRadius,
    ) {}

    /** @param  array<string, float>  $measures in mm, by the spot's code */
    public static function fromMeasures(array $measures): self
    {
        $measures += self::TYPICAL;
        $crank = new Point(0.0, 0.0);
        $seatTop = $crank->at(self::SEAT_ANGLE, $measures['seat_tube']);
        $headTop = $seatTop->plus($measures['top_tube'], 25.0);
        $headBottom = $headTop->at(self::HEAD_ANGLE + 180, self::HEAD_TUBE);
        $toAxle = ($headBottom->y - self::AXLE_RISE) / sin(deg2rad(180 - self::HEAD_ANGLE));

        return new self(
            $crank,
            new Point(-sqrt(max(0.0, $measures['chainstay_length'] ** 2 - self::AXLE_RISE ** 2)), self::AXLE_RISE),
            $headBottom->at(self::HEAD_ANGLE + 180, $toAxle)->plus(self::FORK_RAKE, 0.0),
            $seatTop,
            $headTop,
            $headBottom,
            $headTop->at(self::HEAD_ANGLE, 55.0)->plus(70.0, 25.0),
            $measures['wheel'] / (2 * M_PI),
        );
    }

    /** @return list<array{string, Point, Point}> name and ends of each tube */
    public function tubes(): array
    {
        return [
            ['chainstay', $this->crank, $this->rearAxle],
            ['seatstay', $this->rearAxle, $this->seatTop->towards($this->crank, 0.1)],
            ['seat-tube', $this->crank, $this->seatTop],
            ['top-tube', $this->seatTop->towards($this->crank, 0.06), $this->headTop->towards($this->headBottom, 0.18)],
            ['down-tube', $this->crank, $this->headBottom->towards($this->headTop, 0.15)],
            ['head-tube', $this->headTop, $this->headBottom],
            ['fork', $this->headBottom, $this->frontAxle],
        ];
    }

    /** Where each spot of the survey sits on this bike. */
    public function spot(string $code): Point
    {
        $downTubeEnd = $this->headBottom->towards($this->headTop, 0.15);

        return match ($code) {
            'shell_width', 'shell_bore', 'shell_threaded', 'thread_pitch', 'drive_cup_loosens' => $this->crank,
            'guide_depth' => $this->crank->plus(4.0, -22.0),
            'chainstay_length' => $this->crank->towards($this->rearAxle, 0.62),
            'over_locknuts', 'cog_inset', 'cog_pitch' => $this->rearAxle,
            'cogs' => $this->rearAxle->plus(0.0, 45.0),
            'wheel' => $this->rearAxle->at(205.0, $this->wheelRadius),
            'old_chain_links' => $this->crank->towards($this->rearAxle, 0.45)->plus(0.0, 55.0),
            'chain_twelve' => $this->crank->towards($this->rearAxle, 0.45)->plus(0.0, -70.0),
            'seat_tube' => $this->crank->towards($this->seatTop, 0.62),
            'top_tube' => $this->seatTop->towards($this->headTop, 0.5),
            'down_tube' => $this->crank->towards($downTubeEnd, 0.55),
            'bar_to_head' => $this->bar->towards($this->headTop, 0.4),
            default => $this->staySpot($code),
        };
    }

    /** `stay_64` sits on the chainstay, 64 mm from the crank axis. */
    private function staySpot(string $code): Point
    {
        $radius = (float) substr($code, (int) strpos($code, '_') + 1);

        return $this->crank->towards($this->rearAxle, $radius / $this->crank->distanceTo($this->rearAxle));
    }

    /** Where each place of the routing graph sits on this bike. */
    public function place(string $name): Point
    {
        $downTubeEnd = $this->headBottom->towards($this->headTop, 0.15);

        return match ($name) {
            'bar' => $this->bar,
            'head' => $downTubeEnd,
            'battery' => $downTubeEnd->towards($this->crank, FrameRouting::BATTERY_PLUG_AT),
            'down-low' => $this->crank->towards($downTubeEnd, 0.16),
            'motor-top' => $this->crank->plus(25.0, 45.0),
            'motor' => $this->crank->plus(70.0, -25.0),
            'stay' => $this->crank->towards($this->rearAxle, FrameRouting::SENSOR_AT)->plus(0.0, 16.0),
            'stay-in' => $this->crank->towards($this->rearAxle, FrameRouting::SENSOR_AT)->plus(0.0, -16.0),
            default => $this->crank,
        };
    }
}

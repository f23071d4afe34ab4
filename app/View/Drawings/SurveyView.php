<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Frame\DiamondFrame;
use NeatSpindle\Core\Frame\Point;
use NeatSpindle\Core\Survey\SurveyPlan;

/** The frame with a numbered balloon for every spot of the survey, each with a line to where the instrument goes. */
class SurveyView extends FrameView
{
    /** Where each balloon hangs, in mm from its spot: right, up. */
    private const BALLOONS = [
        'shell_width' => [-175, -235], 'shell_bore' => [-85, -265], 'shell_threaded' => [10, -275],
        'thread_pitch' => [105, -265], 'drive_cup_loosens' => [195, -235], 'guide_depth' => [270, -155],
        'stay_45' => [70, 235], 'stay_64' => [15, 290], 'stay_80' => [-40, 345], 'stay_112' => [-75, 400],
        'chainstay_length' => [20, -150], 'over_locknuts' => [-175, 130], 'cog_inset' => [-75, 195],
        'cogs' => [20, 185], 'cog_pitch' => [-235, 25], 'wheel' => [-60, -40], 'old_chain_links' => [-30, 110],
        'chain_twelve' => [10, -125], 'seat_tube' => [-125, 40], 'top_tube' => [0, 95], 'down_tube' => [90, -60], 'bar_to_head' => [110, 55],
    ];

    public function __construct(DiamondFrame $frame)
    {
        parent::__construct($frame);
    }

    /** @return list<array{code: string, number: int, x: float, y: float, spotX: float, spotY: float}> */
    public function balloons(): array
    {
        $balloons = [];
        $number = 0;
        foreach (array_keys(SurveyPlan::spots()) as $code) {
            $spot = $this->frame->spot($code);
            [$right, $up] = self::BALLOONS[$code] ?? [60, 60];
            $balloons[] = [
                'code' => $code,
                'number' => ++$number,
                'x' => $this->x($this->hung($spot, $right, $up)),
                'y' => $this->y($this->hung($spot, $right, $up)),
                'spotX' => $this->x($spot),
                'spotY' => $this->y($spot),
            ];
        }

        return $balloons;
    }

    private function hung(Point $spot, float $right, float $up): Point
    {
        return $spot->plus($right, $up);
    }
}

<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Frame\Point;
use NeatSpindle\Core\Survey\SurveyPlan;

/** The frame with a numbered balloon for every spot of the survey, each with a line to where the instrument goes. */
class SurveyView extends FrameView
{
    /** Where each balloon hangs, in mm from its spot: right, up. */
    private const BALLOONS = [
        'shell_width' => [-30, -265], 'shell_bore' => [60, -275], 'shell_threaded' => [150, -260],
        'thread_pitch' => [235, -225], 'drive_cup_loosens' => [305, -170], 'guide_depth' => [346, -75],
        'stay_45' => [-65, -255], 'stay_64' => [-116, -234], 'stay_80' => [-165, -198], 'stay_112' => [-186, -146],
        'chainstay_length' => [-20, 115], 'over_locknuts' => [-175, 130], 'cog_inset' => [-75, 195],
        'cogs' => [20, 185], 'cog_pitch' => [-235, 25], 'wheel' => [95, -10], 'old_chain_links' => [-5, 110],
        'chain_twelve' => [-185, -110], 'seat_tube' => [115, 25], 'top_tube' => [0, 95], 'down_tube' => [90, -60], 'bar_to_head' => [110, 55],
    ];

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

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Yoke;

use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Holding\Mount\Body;

/** Reads what holds a yoke motor. */
final class YokeReader
{
    public static function read(Cursor $motor): Yoke
    {
        $at = $motor->object('yoke');
        $start = $at->length('slot_start_mm');
        $end = $at->length('slot_end_mm');
        if ($at->isSound() && $start >= $end) {
            $at->faultAt('slot_start_mm', 'The slot must start before it ends.');
        }

        return new Yoke(
            body: Body::read($at, $at->length('cup_od_mm')),
            base: $at->length('base_mm'),
            slotStart: $start,
            slotEnd: $end,
            thickness: $at->length('yoke_thickness_mm'),
            cupReach: $at->length('cup_reach_mm'),
            cupMinEngagement: $at->length('cup_min_engagement_mm'),
            bodyThreadEnd: $at->length('body_thread_end_mm'),
            bodyThreadDepth: $at->length('body_thread_depth_mm'),
            collarThickness: $at->length('collar_thickness_mm'),
            crankMarker: $at->length('crank_marker_mm'),
            spindleRight: $at->optionalLength('spindle_right_mm'),
        );
    }
}

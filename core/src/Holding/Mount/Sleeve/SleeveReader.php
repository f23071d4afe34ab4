<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Sleeve;

use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Holding\Mount\Body;
use NeatSpindle\Core\Parts\Part\Nut;

/** Reads what holds a sleeve motor. */
final class SleeveReader
{
    public static function read(Cursor $motor): Sleeve
    {
        $at = $motor->object('sleeve');
        $length = $at->length('sleeve_length_mm');
        $thread = $at->length('thread_length_mm');
        if ($at->isSound() && $thread >= $length) {
            $at->faultAt('thread_length_mm', 'The thread must be shorter than the sleeve.');
        }

        return new Sleeve(
            body: Body::read($at, $at->length('sleeve_od_mm')),
            length: $length,
            threadLength: $thread,
            threadPitch: $at->length('thread_pitch_mm'),
            bossPlane: $at->length('boss_plane_mm'),
            spindleLeft: $at->length('spindle_left_mm'),
            spindleRight: $at->length('spindle_right_mm'),
            plate: self::plate($motor->object('plate')),
            nut: self::nut($motor->object('nut')),
            lockring: self::lockring($motor->optionalObject('lockring')),
            bossBolt: self::bossBolt($motor->object('boss_bolt')),
            spindleOuter: $at->optionalLength('spindle_od_mm'),
            doesSpindleComeOut: $at->flag('spindle_comes_out') ?? true,
        );
    }

    private static function plate(Cursor $at): Plate
    {
        return new Plate($at->length('thickness_mm'), $at->optionalLengthOrNone('tooth_height_mm') ?? 0.0);
    }

    private static function nut(Cursor $at): Nut
    {
        return new Nut(
            $at->length('thickness_mm'),
            $at->length('min_engagement_mm'),
            $at->torqueBand('torque_nm'),
            $at->length('thread_major_mm'),
        );
    }

    /** Null for a kit with a single nut. */
    private static function lockring(?Cursor $at): ?Lockring
    {
        return $at === null ? null : new Lockring($at->length('thickness_mm'), $at->length('min_engagement_mm'), $at->torqueBand('torque_nm'));
    }

    private static function bossBolt(Cursor $at): BossBolt
    {
        return new BossBolt($at->text('thread'), $at->length('depth_mm'), $at->length('min_engagement_mm'));
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Document;

use NeatSpindle\Core\Reaction\ShellFace;
use NeatSpindle\Core\Reaction\ThreadState;

/** Checks the parts of a document whose sections are not computed yet: climb, reaction, battery. */
final class ConditionsReader
{
    public static function check(Node $root): void
    {
        self::climb($root->optionalObject('climb'));
        self::reaction($root->optionalObject('reaction'));
        self::battery($root->optionalObject('battery'));
    }

    private static function climb(?Node $at): void
    {
        $at?->number('grade_percent', 0.0, 45.0);
        $at?->positive('mass_kg');
        $at?->optionalNumber('rider_w', 0.0);
        $at?->optionalNumber('rider_torque_nm', 0.0);
        $at?->optionalPositive('crr');
        $at?->optionalNumber('cda_m2', 0.0);
    }

    private static function reaction(?Node $at): void
    {
        $outer = $at?->optionalLength('shell_outer_mm') ?? 40.0;
        $inner = $at?->optionalLength('shell_inner_mm') ?? 34.0;
        if ($at?->isSound() && $outer <= $inner) {
            $at->faultAt('shell_outer_mm', 'The face’s outer diameter must be larger than its inner one.');
        }
        $at?->positive('nut_torque_nm');
        $at?->optionalOneOf('thread_state', ThreadState::class);
        $at?->optionalOneOf('shell_face', ShellFace::class);
        $at?->optionalLength('rest_radius_mm');
    }

    private static function battery(?Node $at): void
    {
        foreach (['base_mm', 'front_side_mm', 'rear_side_mm', 'length_mm', 'height_mm'] as $length) {
            $at?->length($length);
        }
        $at?->optionalLengthOrNone('gap_mm');
    }
}

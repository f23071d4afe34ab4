<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use NeatSpindle\Core\Fitting\Battery\Pack;
use NeatSpindle\Core\Fitting\Battery\PackQuestion;
use NeatSpindle\Core\Fitting\Battery\Triangle;
use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Choosing\Hill\HillQuestion;
use NeatSpindle\Core\Choosing\Hill\Load;
use NeatSpindle\Core\Parts\Part\NutSocket;
use NeatSpindle\Core\Holding\Reaction\GapBlock;
use NeatSpindle\Core\Holding\Reaction\ShellFace;
use NeatSpindle\Core\Holding\Reaction\ThreadState;
use NeatSpindle\Core\Holding\Reaction\Torquing;

/** Reads what is asked of a job besides its stack: a hill, a nut’s torque, a battery’s room. */
final class ConditionsReader
{
    public static function hill(Cursor $root): ?HillQuestion
    {
        $at = $root->optionalObject('climb');

        return $at === null ? null : new HillQuestion(
            $at->number('grade_percent', 0.0, 45.0),
            new Load(
                $at->positive('mass_kg'),
                $at->optionalNumber('rider_w', 0.0) ?? 100.0,
                $at->optionalNumber('rider_torque_nm', 0.0) ?? 25.0,
                $at->optionalPositive('crr') ?? 0.008,
                $at->optionalNumber('cda_m2', 0.0) ?? 0.6,
            ),
        );
    }

    public static function torquing(Cursor $root): ?Torquing
    {
        $at = $root->optionalObject('reaction');
        if ($at === null) {
            return null;
        }
        $outer = $at->optionalLength('shell_outer_mm') ?? 40.0;
        $inner = $at->optionalLength('shell_inner_mm') ?? 34.0;
        if ($at->isSound() && $outer <= $inner) {
            $at->faultAt('shell_outer_mm', 'The face’s outer diameter must be larger than its inner one.');
        }

        return new Torquing(
            $at->positive('nut_torque_nm'),
            $at->optionalOneOf('thread_state', ThreadState::class) ?? ThreadState::Dry,
            $at->optionalOneOf('shell_face', ShellFace::class) ?? ShellFace::Painted,
            $outer,
            $inner,
            $at->optionalLength('rest_radius_mm'),
            self::gap($at->optionalObject('gap')),
        );
    }

    public static function nutSocket(Cursor $root): ?NutSocket
    {
        $at = $root->optionalObject('tools')?->optionalObject('nut_socket');

        return $at === null ? null : new NutSocket($at->length('bore_mm'), $at->length('depth_mm'));
    }

    private static function gap(?Cursor $at): ?GapBlock
    {
        return $at === null ? null : new GapBlock($at->measurement('block_mm'), $at->measurement('soft_mm'));
    }

    public static function pack(Cursor $root): ?PackQuestion
    {
        $at = $root->optionalObject('battery');

        return $at === null ? null : new PackQuestion(
            new Triangle($at->length('base_mm'), $at->length('front_side_mm'), $at->length('rear_side_mm')),
            new Pack($at->length('length_mm'), $at->length('height_mm'), $at->optionalLengthOrNone('gap_mm') ?? Pack::USUAL_GAP),
        );
    }
}

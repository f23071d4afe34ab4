<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use NeatSpindle\Core\Choosing\Hill\HillQuestion;
use NeatSpindle\Core\Choosing\Hill\Load;
use NeatSpindle\Core\Fitting\Battery\Pack;
use NeatSpindle\Core\Fitting\Battery\PackQuestion;
use NeatSpindle\Core\Fitting\Battery\Triangle;
use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Holding\Reaction\FaceSize;
use NeatSpindle\Core\Holding\Reaction\GapBlock;
use NeatSpindle\Core\Holding\Reaction\ShellFace;
use NeatSpindle\Core\Holding\Reaction\ThreadState;
use NeatSpindle\Core\Holding\Reaction\Torquing;
use NeatSpindle\Core\Parts\Part\NutSocket;

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
                $at->optionalNumber('rider_w', 0.0) ?? Load::RIDER_W,
                $at->optionalNumber('rider_torque_nm', 0.0) ?? Load::RIDER_TORQUE_NM,
                $at->optionalPositive('crr') ?? Load::ROLLING,
                $at->optionalNumber('cda_m2', 0.0) ?? Load::DRAG_AREA_M2,
            ),
        );
    }

    public static function torquing(Cursor $root): ?Torquing
    {
        $at = $root->optionalObject('reaction');
        if ($at === null) {
            return null;
        }
        $size = FaceSize::of($at->optionalLength('shell_outer_mm'), $at->optionalLength('shell_inner_mm'));
        if ($at->isSound() && ! $size->isRing()) {
            $at->faultAt('shell_outer_mm', 'The face’s outer diameter must be larger than its inner one.');
        }

        return new Torquing(
            $at->positive('nut_torque_nm'),
            $at->optionalOneOf('thread_state', ThreadState::class) ?? ThreadState::Dry,
            $at->optionalOneOf('shell_face', ShellFace::class) ?? ShellFace::Painted,
            $size,
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

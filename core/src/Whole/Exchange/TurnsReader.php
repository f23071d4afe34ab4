<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Ground\Turn\Action;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Ground\Turn\Posture;
use NeatSpindle\Core\Ground\Turn\Side;
use NeatSpindle\Core\Ground\Turn\Turn;

/** Reads the parts that are to be turned. */
final class TurnsReader
{
    /** @return list<Turn> */
    public static function read(Cursor $root): array
    {
        $turns = [];
        foreach ($root->optionalItems('turns') as $at) {
            if ($at->expectObject()) {
                $turns[] = new Turn(
                    $at->text('part'),
                    $at->oneOf('hand', Hand::class),
                    $at->oneOf('action', Action::class),
                    $at->oneOf('side', Side::class),
                    $at->optionalOneOf('posture', Posture::class) ?? Posture::Upright,
                );
            }
        }

        return $turns;
    }
}

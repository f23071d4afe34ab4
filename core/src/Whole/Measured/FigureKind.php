<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

/** What is typed at a figure of a part, and how it is read. */
enum FigureKind: string
{
    case Text = 'text';
    /** In mm, above 0. */
    case Length = 'length';
    /** In mm, to either side. */
    case Offset = 'offset';
    /** In mm; 0 where there is none. */
    case LengthOrNone = 'length-or-none';
    /** From one torque to another, in N·m. */
    case Torques = 'torques';
    case Figure = 'figure';
    case Whole = 'whole';
    case YesNo = 'yes-no';
    /** One of a few. */
    case Choice = 'choice';
    /** Several of a few. */
    case Choices = 'choices';
    /** Names, parted by commas. */
    case Names = 'names';

    public function isLength(): bool
    {
        return $this === self::Length || $this === self::Offset || $this === self::LengthOrNone;
    }
}

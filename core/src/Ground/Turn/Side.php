<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Turn;

/** The side of the bike one stands on; the drive side is the rider's right. */
enum Side: string
{
    case Drive = 'drive';
    case NonDrive = 'non-drive';
}

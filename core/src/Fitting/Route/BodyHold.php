<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** What keeps the body from turning: the frame it leans on, or a clamp. */
enum BodyHold: string
{
    case Frame = 'frame';
    case Clamped = 'clamped';
}

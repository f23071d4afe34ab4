<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Turn;

/** The hand of a thread. */
enum Hand: string
{
    case Left = 'left';
    case Right = 'right';
}

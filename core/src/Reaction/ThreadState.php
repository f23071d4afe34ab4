<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Reaction;

/** What is on the nut's thread while it is torqued. */
enum ThreadState: string
{
    case Dry = 'dry';
    case Threadlocker = 'threadlocker';
    case Grease = 'grease';
}

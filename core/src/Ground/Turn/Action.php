<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Turn;

/** What is being done to a thread. */
enum Action: string
{
    case Tighten = 'tighten';
    case Loosen = 'loosen';
}

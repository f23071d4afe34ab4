<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Section;

/** On which side of the axis a part shows in the section. */
enum PartSide: string
{
    case Both = 'both';
    /** Towards the rear wheel, where the chainstay is. */
    case Rear = 'rear';
    /** Towards the front, where the motor's body is. */
    case Front = 'front';
}

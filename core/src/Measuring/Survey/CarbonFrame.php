<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** What a carbon frame forbids, and what only its maker can allow (handbook, *Cautions*, and what holds a body): told before anything comes off. */
final class CarbonFrame
{
    /** Never, whoever asks for it. */
    public const NEVER = [
        'A toothed plate: its teeth bite. A smooth one, flat on a flat face and at full torque, holds.',
        'Drilling, for a boss, a sensor or a lead.',
        'A clamp or band that bites with an edge or teeth.',
    ];

    /** Not ours to allow. */
    public const MAKER_DECIDES = [
        'Whether this frame may carry a motor at all.',
        'Whether its cups may be pressed out, and an insert or other cups pressed in.',
        'What may press on it: a strut, a knuckle, a block, a band round a tube, or the body itself.',
    ];

    /** Why a job ends where the maker says no. */
    public const ENDS = 'The frame is carbon, and its maker does not allow a motor on it.';
}

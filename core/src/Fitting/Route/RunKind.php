<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** What runs along a stretch, and where such a thing may never run. */
enum RunKind: string
{
    case Signal = 'signal';
    case Power = 'power';
    case Hydraulic = 'hydraulic';
    case Mechanical = 'mechanical';

    /** Where nothing is ever laid. */
    private const WHEREVER = ['inside_wheel', 'rotor'];

    public function label(): string
    {
        return match ($this) {
            self::Signal => 'Signal lead',
            self::Power => 'Power lead',
            self::Hydraulic => 'Hydraulic hose',
            self::Mechanical => 'Cable in its housing',
        };
    }

    /** Whether it is a lead that is joined by a plug. */
    public function hasPlug(): bool
    {
        return $this === self::Signal || $this === self::Power;
    }

    /**
     * Nothing soft goes through a pinch; a cable in its housing may where a guide leads it.
     *
     * @param  list<string>  $avoid what the run itself keeps off, always
     */
    public function keepsOff(BodyHold $rest, array $avoid = []): NoGo
    {
        return NoGo::tags([...self::WHEREVER, ...$avoid], $rest, mayBeGuided: $this === self::Mechanical);
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Route;

/** What runs along a stretch, and where such a thing may never run. */
enum RunKind: string
{
    case Signal = 'signal';
    case Power = 'power';
    case Hydraulic = 'hydraulic';
    case Mechanical = 'mechanical';

    /** Where nothing is ever laid. */
    public const WHEREVER = ['inside_wheel', 'rotor'];

    public function label(): string
    {
        return match ($this) {
            self::Signal => 'Signal lead',
            self::Power => 'Power lead',
            self::Hydraulic => 'Hydraulic hose',
            self::Mechanical => 'Cable in its housing',
        };
    }

    /** @return list<string> tags of stretches this kind may not use */
    public function forbidden(BodyHold $rest): array
    {
        $isElectric = $this === self::Signal || $this === self::Power;

        return $isElectric && $rest !== BodyHold::Clamped
            ? ['pinch', ...self::WHEREVER]
            : self::WHEREVER;
    }
}

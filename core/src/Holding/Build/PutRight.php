<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

/** Where that which holds a step, or keeps a bike from leaving, is put right. */
enum PutRight: string
{
    case Step = 'step';
    case Measure = 'measure';
    case Stack = 'stack';
    case Rest = 'rest';
    case Get = 'get';
    case Route = 'route';
    case Battery = 'battery';
    case Cockpit = 'cockpit';
    case Sensors = 'sensors';
    case Condition = 'condition';
    case Brakes = 'brakes';

    /** What is done there. */
    public function does(): string
    {
        return match ($this) {
            self::Step => 'To that step',
            self::Measure => 'Measure it',
            self::Stack => 'See the stack',
            self::Rest => 'Say what it rests on',
            self::Get => 'What to get',
            self::Route => 'See Route',
            self::Battery => 'See Battery',
            self::Cockpit => 'See Cockpit',
            self::Sensors => 'See Sensors',
            self::Condition => 'Look now',
            self::Brakes => 'See the estimate',
        };
    }
}

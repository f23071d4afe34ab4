<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

/** Where the next thing of a job is done: where that which holds a step, or keeps a bike from leaving, is put right. */
enum PutRight: string
{
    case Step = 'step';
    case Measure = 'measure';
    case Strip = 'strip';
    case Stack = 'stack';
    case Rest = 'rest';
    case Get = 'get';
    case Route = 'route';
    case Battery = 'battery';
    case Cockpit = 'cockpit';
    case Sensors = 'sensors';
    case Condition = 'condition';
    case Brakes = 'brakes';
    case Choose = 'choose';
    case Check = 'check';
    case Settings = 'settings';
    case Line = 'line';
    case OtherHands = 'other-hands';
    case HandOver = 'hand-over';
    case ComeBack = 'come-back';

    /** What is done there. */
    public function does(): string
    {
        return match ($this) {
            self::Step => 'To that step',
            self::Measure => 'Measure it',
            self::Strip => 'To the strip',
            self::Stack => 'See the stack',
            self::Rest => 'Say what it rests on',
            self::Get => 'What to get',
            self::Route => 'See Route',
            self::Battery => 'See Battery',
            self::Cockpit => 'See Cockpit',
            self::Sensors => 'See Sensors',
            self::Condition => 'Look now',
            self::Brakes => 'See the estimate',
            self::Choose => 'Choose motor and ring',
            self::Check => 'To that check',
            self::Settings => 'Write it down',
            self::Line => 'See Line',
            self::OtherHands => 'To its dates',
            self::HandOver => 'Hand it over',
            self::ComeBack => 'What came back',
        };
    }
}

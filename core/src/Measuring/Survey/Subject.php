<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** What of a donor's condition is looked at before anything is promised. */
enum Subject: string
{
    case Frame = 'frame';
    case Carbon = 'carbon';
    case Wheels = 'wheels';
    case Rims = 'rims';
    case BrakeKind = 'brake-kind';
    case Pads = 'pads';
    case Rotors = 'rotors';
    case BrakesEnough = 'brakes-enough';
    case Chain = 'chain';
    case Bearings = 'bearings';
    case Lights = 'lights';

    public function label(): string
    {
        return SubjectWords::ALL[$this->value][0];
    }

    /** What to look at. */
    public function look(): string
    {
        return SubjectWords::ALL[$this->value][1];
    }
}

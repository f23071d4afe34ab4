<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** What a spot is needed for: without it that cannot be done. All else is offered. */
enum Need: string
{
    case Strip = 'strip';
    case Stack = 'stack';
    case Line = 'line';
    case Route = 'route';

    public function label(): string
    {
        return match ($this) {
            self::Strip => 'needed for the strip',
            self::Stack => 'needed for the stack',
            self::Line => 'needed for the line',
            self::Route => 'needed for the route',
        };
    }

    /** What a spot is needed for; null where it is only offered. Where a shell has to be told apart, more may be needed. */
    public static function of(Spot $spot): ?self
    {
        return match ($spot) {
            Spot::CrankKind, Spot::BracketKind, Spot::BracketStays => self::Strip,
            Spot::GuideDepth, Spot::Stay45, Spot::Stay64, Spot::Stay80, Spot::Stay112, Spot::ShellWidth,
            Spot::DriveChain, Spot::RingToPlate, Spot::PinionToFace, Spot::CrankGap => self::Stack,
            Spot::ChainstayLength, Spot::OverLocknuts, Spot::CogInset, Spot::Cogs, Spot::CogPitch, Spot::Wheel, Spot::TyreWidth => self::Line,
            Spot::BarToHead, Spot::DownTube, Spot::BoomLength => self::Route,
            default => null,
        };
    }

    /** Whether it is asked for before anything else is done; leads can wait until the stack goes. */
    public function comesFirst(): bool
    {
        return $this !== self::Route;
    }
}

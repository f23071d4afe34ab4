<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Calendar;

use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Whole\Prove\Check;

/** What kind of work a piece of a job is, in the order of the hand; each by so many pieces. */
enum WorkKind: string
{
    case Survey = 'survey';
    case Strip = 'strip';
    case Bare = 'bare';
    case Choose = 'choose';
    case Dry = 'dry';
    case Gap = 'gap';
    case Body = 'body';
    case Torque = 'torque';
    case Drive = 'drive';
    case Routes = 'routes';
    case Back = 'back';
    case Stand = 'stand';
    case Ride = 'ride';
    case HandOver = 'hand-over';

    /** Who can judge a motor, a ride, and that a bike may leave. */
    public const JUDGES = 'judges';

    /** The kinds that are chapters of the build sheet. */
    private const CHAPTERS = [
        BuildStep::DRY => self::Dry, BuildStep::GAP => self::Gap, BuildStep::BODY => self::Body, BuildStep::TORQUE => self::Torque,
        BuildStep::DRIVE => self::Drive, BuildStep::ROUTES => self::Routes, BuildStep::BACK => self::Back,
    ];

    public static function ofStep(BuildStep $step): self
    {
        return self::CHAPTERS[$step->chapter];
    }

    public static function ofCheck(Check $check): self
    {
        return $check->chapter === Check::RIDE ? self::Ride : self::Stand;
    }

    public function label(): string
    {
        return match ($this) {
            self::Survey => 'Survey',
            self::Strip => 'Strip',
            self::Bare => 'Measure bare',
            self::Choose => 'Match and stack',
            self::Dry => 'Dry fit',
            self::Gap => 'Through the gap',
            self::Body => 'Body in',
            self::Torque => 'Torque',
            self::Drive => 'Cranks and chain',
            self::Routes => 'Leads',
            self::Back => 'Back on',
            self::Stand => 'Prove, stand',
            self::Ride => 'Ride',
            self::HandOver => 'Hand over',
        };
    }

    /** What one piece of it takes, in minutes, where nobody has learned it yet. Ours. */
    public function minutes(): float
    {
        return match ($this) {
            self::Survey => 2.0,
            self::Strip => 6.0,
            self::Bare => 3.0,
            self::Choose => 25.0,
            self::Dry => 9.0,
            self::Gap, self::Back => 7.0,
            self::Body, self::Drive => 6.0,
            self::Torque => 5.0,
            self::Routes, self::Ride => 8.0,
            self::Stand => 3.0,
            self::HandOver => 20.0,
        };
    }

    /** How many pieces there mostly are, where that cannot be counted yet. Ours. */
    public function usualPieces(): int
    {
        return match ($this) {
            self::Survey => 14,
            self::Strip => 9,
            self::Bare => 8,
            self::Dry => 3,
            self::Gap => 2,
            self::Body, self::Routes => 6,
            self::Torque, self::Ride => 5,
            self::Drive => 8,
            self::Stand => 14,
            self::Back => 0,
            self::Choose, self::HandOver => 1,
        };
    }

    /** What whoever does it must be able to; null where anybody at the bench may. */
    public function skill(): ?string
    {
        return match ($this) {
            self::Choose, self::Ride, self::HandOver => self::JUDGES,
            default => null,
        };
    }
}

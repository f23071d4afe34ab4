<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Calendar;

use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Whole\Prove\Check;

use function array_filter;
use function array_search;
use function array_values;
use function in_array;

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

    /** Whether it takes somebody who can judge a motor, a ride, and that a bike may leave. */
    public function needsJudgement(): bool
    {
        return match ($this) {
            self::Choose, self::Ride, self::HandOver => true,
            default => false,
        };
    }

    /** Whether the bike hangs in a stand meanwhile; a motor is chosen while a bare frame hangs there. */
    public function isOnStand(): bool
    {
        return $this->position() >= self::Strip->position() && $this->position() <= self::Stand->position();
    }

    /** Where it stands in the order of the hand. */
    public function position(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /**
     * Which kinds of work somebody may do.
     *
     * @param  list<self>  $without  kinds that ask for a skill they do not have
     * @return list<self>
     */
    public static function doneBy(bool $judges, array $without = []): array
    {
        return array_values(array_filter(
            self::cases(), fn (self $kind) => ($judges || ! $kind->needsJudgement()) && ! in_array($kind, $without, true),
        ));
    }
}

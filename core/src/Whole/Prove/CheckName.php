<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use NeatSpindle\Core\Fitting\Cockpit\BarSide;

/**
 * Everything that may be proved on a bike. What each says stands in `ProveWords`, when it comes in `ProvePlan`, what a
 * motor's line tells of it in `LineLook`.
 */
enum CheckName: string
{
    case TurnsFree = 'turns-free';
    case LockToLock = 'lock-to-lock';
    case PackLocked = 'pack-locked';
    case Wakes = 'wakes';
    case Set = 'set';
    case ThrottleZero = 'throttle-zero';
    case ThrottleOne = 'throttle-one';
    case Walk = 'walk';
    case Pedals = 'pedals';
    case BrakeLeft = 'brake-left';
    case BrakeRight = 'brake-right';
    case Shift = 'shift';
    case SpeedLamp = 'speed-lamp';
    case SpeedAgrees = 'speed-agrees';
    case Lights = 'lights';
    case Quiet = 'quiet';
    case Stops = 'stops';
    case Levels = 'levels';
    case Hill = 'hill';
    case CutOff = 'cut-off';
    case Range = 'range';
    case SoundCockpit = 'sound-cockpit';
    case SoundSaddle = 'sound-saddle';
    case SoundShell = 'sound-shell';
    case SoundRing = 'sound-ring';
    case SoundCogs = 'sound-cogs';
    case CranksAgain = 'cranks-again';
    case RingAgain = 'ring-again';

    /** Where sounds come from, from the front to the back. */
    public const SOUNDS = [self::SoundCockpit, self::SoundSaddle, self::SoundShell, self::SoundRing, self::SoundCogs];

    public static function brake(BarSide $side): self
    {
        return $side === BarSide::Left ? self::BrakeLeft : self::BrakeRight;
    }

    /**
     * What of a display's settings it is made with: another one, and it is made again.
     *
     * @return list<SettingName>
     */
    public function settings(): array
    {
        return match ($this) {
            self::Set => SettingName::cases(),
            self::ThrottleZero => [SettingName::ThrottleAtZero],
            self::ThrottleOne, self::Walk, self::Pedals, self::Levels => [SettingName::Levels],
            self::SpeedAgrees => [SettingName::Units, SettingName::Wheel],
            self::CutOff => [SettingName::CutOff, SettingName::Wheel, SettingName::Units],
            self::Hill, self::Range => [SettingName::Current, SettingName::Levels],
            default => [],
        };
    }

    /** Whether it is made with one battery, and again with another. */
    public function isOfThePack(): bool
    {
        return match ($this) {
            self::PackLocked, self::Wakes, self::Lights, self::Range, self::Hill => true,
            default => false,
        };
    }

    /**
     * Steps of the build it rests on beside those that cure a miss; one that ends in a star stands for all that begin so.
     *
     * @return list<string>
     */
    public function restsOn(): array
    {
        return match ($this) {
            self::TurnsFree => ['dress-*', 'crank-*'],
            self::LockToLock => ['dress-*', 'joints-*', 'bar-on-*', 'lever-hook-*'],
            self::Wakes => ['dress-*', 'join-*', 'joints-*'],
            self::Lights => ['join-*'],
            self::BrakeLeft, self::BrakeRight => ['joints-*', "bar-on-{$this->side()?->value}", "lever-hook-{$this->side()?->value}"],
            self::Stops => ['bar-on-*', 'lever-hook-*', 'mend-*'],
            self::Levels, self::Hill => ['body-in'],
            self::CranksAgain => ['crank-*'],
            default => [],
        };
    }

    /** The side of the bar it is about. */
    public function side(): ?BarSide
    {
        return match ($this) {
            self::BrakeLeft => BarSide::Left,
            self::BrakeRight => BarSide::Right,
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use Closure;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Ground\Measure\Tolerance;

use function abs;

/** What one check looks for on the motor's line. Checks that a hand, an ear or an eye makes have nothing there. */
final readonly class LineLook
{
    /** How far the wheel that is set may be from the one written down, as a share. Ours. */
    private const WHEEL = 0.01;

    /** How fast walking help goes, in km/h. Ours. */
    private const WALK = 7.0;

    private const KEEP_ASKED = 'Keep the motor asked to drive meanwhile: pedal, or hold the throttle. Only then it is seen to let go.';

    public function __construct(private ProveFacts $facts) {}

    /** Null where the line says nothing about the check. */
    public function at(Check $check, DisplayLine $line): ?Look
    {
        $look = self::lookFor($check);

        return match (true) {
            $look === null => null,
            $line->volts === 0.0 => Look::miss('The pack gives nothing: switched off, its fuse, or it has cut out under load.'),
            $line->error !== 0 => Look::miss(sprintf('The display reports error %02d: its number stands in the motor’s papers.', $line->error)),
            default => $look($this, $check, $line),
        };
    }

    public static function knows(Check $check): bool
    {
        return self::lookFor($check) !== null;
    }

    /** @return (Closure(self, Check, DisplayLine): Look)|null */
    private static function lookFor(Check $check): ?Closure
    {
        return match ($check->name) {
            CheckName::Wakes => fn (self $look, Check $check, DisplayLine $line) => $look->wakes($check, $line),
            CheckName::ThrottleZero => fn (self $look, Check $check, DisplayLine $line) => $look->throttleAtZero($line),
            CheckName::ThrottleOne => fn (self $look, Check $check, DisplayLine $line) => self::throttleAtOne($line),
            CheckName::Walk => fn (self $look, Check $check, DisplayLine $line) => self::walks($line),
            CheckName::Pedals => fn (self $look, Check $check, DisplayLine $line) => self::pedals($line),
            CheckName::BrakeLeft => fn (self $look, Check $check, DisplayLine $line) => self::brake(BarSide::Left, $line),
            CheckName::BrakeRight => fn (self $look, Check $check, DisplayLine $line) => self::brake(BarSide::Right, $line),
            CheckName::Shift => fn (self $look, Check $check, DisplayLine $line) => self::shifts($line),
            CheckName::SpeedLamp => fn (self $look, Check $check, DisplayLine $line) => self::speed($line),
            CheckName::SpeedAgrees => fn (self $look, Check $check, DisplayLine $line) => $look->wheel($line),
            CheckName::CutOff => fn (self $look, Check $check, DisplayLine $line) => self::cutsOff($check, $line),
            CheckName::Levels => fn (self $look, Check $check, DisplayLine $line) => self::levels($line),
            CheckName::TurnsFree, CheckName::LockToLock, CheckName::PackLocked, CheckName::Set, CheckName::Lights,
            CheckName::Quiet, CheckName::Stops, CheckName::Hill, CheckName::Range, CheckName::SoundCockpit,
            CheckName::SoundSaddle, CheckName::SoundShell, CheckName::SoundRing, CheckName::SoundCogs, CheckName::CranksAgain,
            CheckName::RingAgain => null,
        };
    }

    private function wakes(Check $check, DisplayLine $line): Look
    {
        $says = "{$line->volts} V, no error.";

        return $check->lacks($line->volts) === null ? Look::right($says, $line->volts) : Look::miss(
            (string) $check->lacks($line->volts), $line->volts,
        );
    }

    private function throttleAtZero(DisplayLine $line): Look
    {
        $shall = $this->facts->throttleAtZero;

        return match (true) {
            $line->level !== 0 => Look::first("Set level zero: it stands at {$line->level}."),
            $line->throttle === 0 => Look::first('Open the throttle gently.'),
            $shall === null => Look::first('Write down under Settings what the motor’s papers say about level zero.'),
            $shall === $line->isDriving() => Look::right(
                $line->isDriving() ? 'It drives at level zero, as written down.' : 'Dead at level zero, as written down.',
            ),
            default => Look::miss($line->isDriving() ? 'It drives at level zero, and is written down as dead.' : 'Dead at level zero, and written down as working.'),
        };
    }

    private static function throttleAtOne(DisplayLine $line): Look
    {
        return match (true) {
            $line->level !== 1 => Look::first("Set level one: it stands at {$line->level}."),
            $line->throttle === 0 => Look::first('Open the throttle gently.'),
            $line->isDriving() => Look::right("It drives: {$line->kmh} km/h. Let go: it must stop pulling at once."),
            default => Look::miss('Throttle open, and the motor does not drive. '.$line->pulled()),
        };
    }

    private static function walks(DisplayLine $line): Look
    {
        return match (true) {
            ! $line->isWalking => Look::first('Hold the key of the walking help.'),
            ! $line->isDriving() => Look::miss('Key held, and the motor does not drive. '.$line->pulled()),
            Tolerance::atMost($line->kmh, self::WALK) => Look::right("It walks: {$line->kmh} km/h."),
            default => Look::miss("It walks at {$line->kmh} km/h, which is no walk."),
        };
    }

    private static function pedals(DisplayLine $line): Look
    {
        return match (true) {
            $line->level === 0 => Look::first('Set level one.'),
            $line->crank === 0 => Look::first('Turn the crank forwards.'),
            $line->isDriving() => Look::right("It helps: {$line->nm} N·m at {$line->crank} turns a minute."),
            default => Look::miss('The crank turns, and the motor does not help. '.$line->pulled()),
        };
    }

    private static function brake(BarSide $side, DisplayLine $line): Look
    {
        $other = $side === BarSide::Left ? BarSide::Right : BarSide::Left;

        return match (true) {
            $line->isPulled($side) && $line->isDriving() => Look::miss(
                "The {$side->value} lever’s input says pulled, and the motor still pulls {$line->nm} N·m.",
            ),
            $line->isPulled($side) && ! $line->isAsked() => Look::first(self::KEEP_ASKED),
            $line->isPulled($side) => Look::right(
                "The {$side->value} lever’s input says pulled, and the motor pulls nothing. Let go: it must say free again.",
            ),
            $line->isPulled($other) => Look::miss(
                "The {$other->value} lever’s input says pulled. Not pulled? Then it is stuck, or the plugs are swapped.",
            ),
            $line->isDriving() => Look::first("Pull the {$side->value} lever."),
            default => Look::first("Let the motor drive, then pull the {$side->value} lever."),
        };
    }

    private static function shifts(DisplayLine $line): Look
    {
        return match (true) {
            ! $line->isShifting => Look::first($line->isDriving() ? 'Shift.' : 'Let the motor drive, and shift.'),
            $line->isDriving() => Look::miss("The sensor speaks, and the motor still pulls {$line->nm} N·m."),
            ! $line->isAsked() => Look::first(self::KEEP_ASKED),
            default => Look::right('The sensor speaks, and the motor lets go.'),
        };
    }

    private static function speed(DisplayLine $line): Look
    {
        return match (true) {
            $line->kmh > 0.0 => Look::right("The wheel is seen: {$line->kmh} km/h."),
            $line->isDriving() => Look::miss('The motor drives and the speed reads nothing: magnet or sensor.'),
            default => Look::first('Let the wheel turn.'),
        };
    }

    private function wheel(DisplayLine $line): Look
    {
        $shall = $this->facts->wheelMm;

        return match (true) {
            $line->kmh === 0.0 => Look::first('Let the wheel turn.'),
            $shall === null => Look::first('Write down under Settings which circumference was set.'),
            Tolerance::atMost(abs($line->wheelMm - $shall), self::WHEEL * $shall) => Look::right(
                "{$line->kmh} km/h with a wheel of {$line->wheelMm} mm, as written down.",
            ),
            default => Look::miss("The display counts with a wheel of {$line->wheelMm} mm, and {$shall} mm is written down: its speed is off by as much."),
        };
    }

    private static function cutsOff(Check $check, DisplayLine $line): Look
    {
        return match (true) {
            $line->crank === 0 || $line->kmh === 0.0 => Look::first('Pedal on, up to where the motor leaves off.'),
            $line->isDriving() => Look::first("It still helps at {$line->kmh} km/h."),
            $check->lacks($line->kmh) === null => Look::right("It leaves off at {$line->kmh} km/h.", $line->kmh),
            default => Look::miss((string) $check->lacks($line->kmh), $line->kmh),
        };
    }

    private static function levels(DisplayLine $line): Look
    {
        return $line->isDriving()
            ? Look::first("Level {$line->level}: {$line->nm} N·m, {$line->volts} V. Each once; then say how they were.")
            : Look::first('Ride each level once; the line follows.');
    }
}

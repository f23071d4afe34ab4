<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use function is_numeric;

/** What is set in a motor's display and written down. */
enum SettingName: string
{
    case Units = 'units';
    case Wheel = 'wheel_mm';
    case CutOff = 'cut_off_kmh';
    case Levels = 'levels';
    case Current = 'current_a';
    case ThrottleAtZero = 'throttle_at_zero';

    /** What is written down before a bike leaves. */
    public const BEFORE_IT_LEAVES = [self::Units, self::Wheel, self::CutOff, self::Levels];

    /** What is set where the motor is not to stop helping at any speed. */
    public const NO_LIMIT = 'none';

    public function label(): string
    {
        return match ($this) {
            self::Units => 'Units',
            self::Wheel => 'Wheel’s circumference',
            self::CutOff => 'Stops helping at',
            self::Levels => 'Levels',
            self::Current => 'Current, at the most',
            self::ThrottleAtZero => 'Throttle at level zero',
        };
    }

    public function unit(): string
    {
        return match ($this) {
            self::Wheel => 'mm',
            self::CutOff => 'km/h',
            self::Current => 'A',
            default => '',
        };
    }

    /** @return array<string, string> labels of what it may be, by value; none where a figure is typed */
    public function choices(): array
    {
        return match ($this) {
            self::Units => ['km' => 'kilometres', 'miles' => 'miles'],
            self::ThrottleAtZero => ['dead' => 'dead', 'works' => 'works'],
            default => [],
        };
    }

    /** Why a value cannot be; null when it can. */
    public function fault(string $value): ?string
    {
        [$least, $most] = match ($this) {
            self::Wheel => [800, 2_600],
            self::CutOff => [3, 80],
            self::Levels => [1, 20],
            self::Current => [1, 200],
            default => [0, 0],
        };

        return match (true) {
            $this->choices() !== [] => isset($this->choices()[$value]) ? null : 'Choose one of: '.implode(', ', $this->choices()).'.',
            $this->isNoLimit($value) => null,
            is_numeric($value) && $value >= $least && $value <= $most => null,
            default => trim("Expected a figure from {$least} to {$most} {$this->unit()}").'.',
        };
    }

    /** What a value means, in words with its unit. */
    public function says(string $value): string
    {
        return $this->isNoLimit($value) ? 'no limit' : trim(($this->choices()[$value] ?? $value)." {$this->unit()}");
    }

    /** Whether a limit is taken away with it, which is a decision. */
    public function isNoLimit(string $value): bool
    {
        return $this === self::CutOff && $value === self::NO_LIMIT;
    }
}

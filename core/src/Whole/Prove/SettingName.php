<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use function in_array;
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

    /** Beyond that, in km/h, no class we know as an example is helped: as good as no limit. Ours. */
    private const AS_GOOD_AS_NONE = 45.0;

    /** Up to that, in km/h, anybody at the bench may write down what was set. Ours. */
    private const USUAL_LIMIT = 25.0;

    /** How far a wheel that is set may be from one that was measured, as a share. Ours. */
    private const WHEEL_IS_MEASURED = 0.1;

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

    /** A value as it is kept, its figure with a point and nothing that is none; null where it cannot be read as one. */
    public function read(string $typed): ?string
    {
        $value = str_replace(',', '.', trim($typed));
        $pattern = in_array($this, [self::Levels, self::Wheel], true) ? '/^\d{1,4}(\.0{1,2})?$/D' : '/^\d{1,4}(\.\d{1,2})?$/D';

        return match (true) {
            $this->choices() !== [], $value === self::NO_LIMIT => $value,
            preg_match($pattern, $value) === 1 => (string) (float) $value,
            default => null,
        };
    }

    /** Why a value, as it was read, cannot be; null when it can. */
    public function fault(?string $value): ?string
    {
        [$least, $most] = match ($this) {
            self::Wheel => [800, 2_600],
            self::CutOff => [3, 80],
            self::Levels => [1, 20],
            self::Current => [1, 200],
            default => [0, 0],
        };

        return match (true) {
            $value !== null && $this->choices() !== [] => isset($this->choices()[$value]) ? null : 'Choose one of: '.implode(', ', $this->choices()).'.',
            $this === self::CutOff && $value === self::NO_LIMIT => null,
            is_numeric($value) && $value >= $least && $value <= $most => null,
            default => trim("Expected a figure from {$least} to {$most} {$this->unit()}").'.',
        };
    }

    /** What a value means, in words with its unit. */
    public function says(string $value): string
    {
        return $this === self::CutOff && $value === self::NO_LIMIT
            ? 'no limit' : trim(($this->choices()[$value] ?? $value)." {$this->unit()}");
    }

    /** Whether a limit is taken away with it, which is a decision: there is none any more, or one that is as good as none. */
    public function isNoLimit(string $value): bool
    {
        return $this === self::CutOff && ($value === self::NO_LIMIT || (float) $value > self::AS_GOOD_AS_NONE);
    }

    /**
     * Whether a limit is lifted with it, which is for those who can judge it.
     *
     * @param  ?string  $stood what was set before; null where nothing was written down
     */
    public function isLifted(?string $stood, string $value): bool
    {
        $limit = fn (?string $set): float => $set === self::NO_LIMIT ? INF : (float) $set;

        return match ($this) {
            self::CutOff => $limit($value) > ($stood === null ? self::USUAL_LIMIT : $limit($stood)),
            self::Current => $stood !== null && $limit($value) > $limit($stood),
            self::ThrottleAtZero => $value === 'works' && $stood !== 'works',
            default => false,
        };
    }

    /**
     * Why a wheel is not set like that: the motor counts its turns, and would help beyond its limit on another one.
     *
     * @param  list<float>  $measured circumferences of the wheels, in mm, as far as they were measured
     */
    public function faultOfWheel(string $value, array $measured): ?string
    {
        $isOneOf = array_filter($measured, fn (float $mm) => abs((float) $value - $mm) <= $mm * self::WHEEL_IS_MEASURED) !== [];

        return $this !== self::Wheel || $measured === [] || $isOneOf ? null
            : 'The wheel was measured as '.implode(' and ', array_map(fn (float $mm) => round($mm).' mm', $measured))
                .'. Set to another one, the motor would count its speed wrong: set what was measured, or measure again on Survey.';
    }
}

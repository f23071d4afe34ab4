<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Holding\Build\BuildGate;
use NeatSpindle\Core\Holding\Build\Hold;
use NeatSpindle\Core\Holding\Build\PutRight;
use NeatSpindle\Core\Holding\Build\Standing;

use function array_slice;
use function count;
use function in_array;

/** The checks one bike gets, in their order: wheel off the ground with the battery in, then a ride, then the bolts again. */
final readonly class ProvePlan
{
    /** How far a pack's voltage lies from its name when it is neither empty nor above full. Ours. */
    private const VOLTS = [0.82, 1.18];

    /** How far from what was set the motor may stop helping, in km/h. Ours. */
    private const CUT_OFF = 2.0;

    /** How far what a pack gives may be from what was computed, as shares: wind and level are never quite the same. Ours. */
    private const RANGE = [0.65, 1.5];

    /** Before the code of a step, to tell it from a check that is called the same. */
    private const STEP = 'step ';

    /** @param  list<Check>  $checks */
    private function __construct(public array $checks) {}

    public static function of(ProveFacts $facts): self
    {
        return new self(array_map(fn (Check $check) => self::fitting($check, $facts), [
            ...self::wakes($facts), ...self::moves($facts), ...self::brakes($facts),
            ...self::senses($facts), ...self::rides($facts), ...self::afterwards(),
        ]));
    }

    /** As it reads on this bike, held to what it is proved with. */
    private static function fitting(Check $check, ProveFacts $facts): Check
    {
        $low = $facts->isSeatedLow ? ProveWords::SEATED_LOW[$check->code] ?? [] : [];
        $causes = array_map(fn (array $cause) => new Cause($cause[0], $cause[1]), $low['causes'] ?? []);

        return $check->reading($low['title'] ?? null, $low['how'] ?? null, $low['expects'] ?? null, $causes)
            ->heldTo(self::things($check->name, $facts), self::waits($check->name, $facts));
    }

    /** @return array<string, string> */
    private static function things(CheckName $name, ProveFacts $facts): array
    {
        $things = $name->isOfThePack() ? ['the battery' => $facts->pack ?? 'none'] : [];
        foreach ($name->settings() as $setting) {
            $things[lcfirst($setting->label())] = $facts->settings[$setting->value] ?? 'not written down';
        }

        return $things;
    }

    private static function waits(CheckName $name, ProveFacts $facts): ?string
    {
        $missing = $name === CheckName::Set ? implode(
            ', ', array_map(fn (SettingName $one) => lcfirst($one->label()), $facts->unwritten()),
        ) : '';

        return $missing === '' ? null : "Write it down first, under Settings: {$missing}.";
    }

    public function check(string $code): ?Check
    {
        foreach ($this->checks as $check) {
            if ($check->code === $code) {
                return $check;
            }
        }

        return null;
    }

    /**
     * Why a check may not be made now; null when it may.
     *
     * @param  list<string>  $right codes of those that were right
     */
    public function hold(Check $check, array $right): ?Hold
    {
        foreach ($check->after as $name) {
            $before = $this->check($name->value);
            if ($before !== null && ! in_array($before->code, $right, true)) {
                return new Hold("This comes after “{$before->title}”, which is not right yet.", PutRight::Check, $before->code);
            }
        }

        return $check->waits === null ? null : new Hold($check->waits, PutRight::Settings);
    }

    /**
     * What is looked at in one go, the check itself first: each may be made once those before it are right, has no figure
     * to read and nothing to be feared; each brake lever is tried by itself.
     *
     * @param  list<string>  $right codes of those that were right
     * @return list<Check>
     */
    public function movement(Check $first, array $right): array
    {
        $movement = [$first];
        foreach ($first->isAlone() ? [] : array_slice($this->checks, (int) array_search($first, $this->checks, true) + 1) as $check) {
            if (in_array($check->code, $right, true)) {
                continue;
            }
            $looked = [...$right, ...array_column($movement, 'code')];
            if (count($movement) === BuildGate::LONGEST_MOVEMENT || $check->chapter !== $first->chapter || $check->isAlone() || $check->caution !== null
                || $this->hold($check, $looked) !== null) {
                break;
            }
            $movement[] = $check;
        }

        return $movement;
    }

    /**
     * Those that were right, and still are: a step that cures what may be behind a miss, or that they rest on else, was not
     * done again since, what comes before was not either, and they are asked as they were. A step may be called as a check is.
     *
     * @param  array<string, int>  $right when each was right, as a number that rises, by its code
     * @param  array<string, int>  $built when each step of the build was done, in the same numbers
     * @param  array<string, int>  $runs numbers of the runs, by name
     * @param  list<string>  $changed codes of the checks that are asked otherwise than they were
     * @param  list<string>  $reopened codes of the steps that were done and are open again
     * @return list<string> codes
     */
    public function standing(array $right, array $built, array $runs, array $changed = [], array $reopened = []): array
    {
        $needs = array_fill_keys(self::asSteps(array_keys($built)), []);
        foreach ($this->checks as $check) {
            $steps = [
                ...array_map(fn (Cause $cause) => (string) $cause->stepWith($runs), $check->causes),
                ...self::steps($check->name, array_keys($built)),
            ];
            $before = array_filter(array_map(fn (CheckName $name) => $name->value, $check->after), fn (string $code) => $this->check($code) !== null);
            $cures = array_filter($steps, fn (string $step) => isset($built[$step]));
            $needs[$check->code] = [...array_values($before), ...self::asSteps(array_values($cures))];
        }
        $done = $right + array_combine(self::asSteps(array_keys($built)), $built);

        return array_values(array_intersect(
            Standing::of($needs, $done, [...$changed, ...self::asSteps($reopened)])->done(), array_column($this->checks, 'code'),
        ));
    }

    /**
     * @param  list<string>  $codes
     * @return list<string>
     */
    private static function asSteps(array $codes): array
    {
        return array_map(fn (string $code) => self::STEP.$code, $codes);
    }

    /**
     * @param  list<string>  $built
     * @return list<string> codes of those that a check rests on by what it is
     */
    private static function steps(CheckName $name, array $built): array
    {
        $isOne = fn (string $step, string $pattern): bool => str_ends_with($pattern, '*')
            ? str_starts_with($step, rtrim($pattern, '*')) : $step === $pattern;

        return array_values(array_filter(
            $built, fn (string $step) => array_filter($name->restsOn(), fn (string $pattern) => $isOne($step, $pattern)) !== [],
        ));
    }

    /**
     * @param  list<string>  $right codes of those that were right
     * @return list<Check> those that are still to be made, or made again
     */
    public function open(array $right): array
    {
        return array_values(array_filter($this->checks, fn (Check $check) => ! in_array($check->code, $right, true)));
    }

    /** @return list<Check> */
    private static function wakes(ProveFacts $facts): array
    {
        $volts = $facts->volts === null ? null : new Figure('V', $facts->volts * self::VOLTS[0], $facts->volts * self::VOLTS[1]);

        return [
            self::worded(CheckName::TurnsFree, after: []),
            self::worded(CheckName::LockToLock, after: []),
            self::worded(CheckName::PackLocked, after: []),
            self::worded(CheckName::Wakes, $volts, after: [CheckName::TurnsFree, CheckName::PackLocked]),
            self::worded(CheckName::Set, after: [CheckName::Wakes]),
        ];
    }

    /** @return list<Check> */
    private static function moves(ProveFacts $facts): array
    {
        $throttle = ! $facts->hasThrottle ? [] : [
            self::worded(CheckName::ThrottleZero, after: [CheckName::Set]),
            self::worded(CheckName::ThrottleOne, after: [CheckName::ThrottleZero]),
        ];

        return [
            ...$throttle,
            self::worded(CheckName::Walk, after: [CheckName::Set]),
            self::worded(CheckName::Pedals, after: [CheckName::Set]),
        ];
    }

    /** @return list<Check> */
    private static function brakes(ProveFacts $facts): array
    {
        $fitted = array_filter(BarSide::cases(), fn (BarSide $side) => $facts->brakes->of($side)?->isFitted() === true);

        return array_map(fn (BarSide $side) => self::worded(CheckName::brake($side), after: [CheckName::Pedals]), array_values($fitted));
    }

    /** @return list<Check> */
    private static function senses(ProveFacts $facts): array
    {
        return [
            ...($facts->hasGearSensor ? [self::worded(CheckName::Shift, after: [CheckName::Pedals])] : []),
            self::worded(CheckName::SpeedLamp, after: [CheckName::Wakes]),
            self::worded(CheckName::SpeedAgrees, after: [CheckName::Set, CheckName::SpeedLamp]),
            ...($facts->hasLamps ? [self::worded(CheckName::Lights, after: [CheckName::Wakes])] : []),
            self::worded(CheckName::Quiet, after: [CheckName::Pedals]),
        ];
    }

    /** @return list<Check> */
    private static function rides(ProveFacts $facts): array
    {
        $brakes = array_map(fn (Check $check) => $check->name, self::brakes($facts));
        $throttle = $facts->hasThrottle ? [CheckName::ThrottleOne] : [];
        $before = [CheckName::Pedals, CheckName::SpeedAgrees, CheckName::Quiet, ...$brakes, ...$throttle];
        $cutOff = $facts->cutOff === null ? null : new Figure(
            'km/h', max(0.0, $facts->cutOff - self::CUT_OFF), $facts->cutOff + self::CUT_OFF,
        );

        return [
            self::worded(CheckName::Stops, after: $before),
            self::worded(CheckName::Levels, after: [CheckName::Stops]),
            self::worded(CheckName::Hill, after: [CheckName::Stops]),
            self::worded(CheckName::CutOff, $cutOff, after: [CheckName::Stops]),
            ...($facts->rangeKm === null ? [] : [
                self::worded(
                    CheckName::Range, new Figure('km', $facts->rangeKm * self::RANGE[0], $facts->rangeKm * self::RANGE[1]), after: [CheckName::Levels],
                ),
            ]),
            ...array_map(fn (CheckName $sound) => self::worded($sound, after: [CheckName::Stops]), CheckName::SOUNDS),
        ];
    }

    /** @return list<Check> */
    private static function afterwards(): array
    {
        return [
            self::worded(CheckName::CranksAgain, after: [CheckName::Levels]),
            self::worded(CheckName::RingAgain, after: [CheckName::Levels]),
        ];
    }

    /** @param  list<CheckName>  $after */
    private static function worded(CheckName $name, ?Figure $figure = null, array $after = []): Check
    {
        $words = ProveWords::of($name);
        $of = fn (string $text): string => str_replace('{side}', $name->side()->value ?? '', $text);

        return new Check(
            name: $name,
            chapter: $words['chapter'],
            title: $of($words['title']),
            how: $of($words['how']),
            expects: $of($words['expects']),
            causes: array_map(fn (array $cause) => new Cause($of($cause[0]), $cause[1] === null ? null : $of($cause[1])), $words['causes']),
            figure: $figure,
            after: $after,
            caution: $words['caution'] ?? null,
        );
    }
}

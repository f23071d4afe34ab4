<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use NeatSpindle\Core\Fitting\Cockpit\BarSide;

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

    /** Where sounds come from, from the front to the back. */
    private const SOUNDS = ['cockpit', 'saddle', 'shell', 'ring', 'cogs'];

    /** @param  list<Check>  $checks */
    private function __construct(public array $checks) {}

    public static function of(ProveFacts $facts): self
    {
        return new self([
            ...self::wakes($facts), ...self::moves($facts), ...self::brakes($facts), ...self::senses($facts), ...self::rides($facts), ...self::afterwards(),
        ]);
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
     * Why a check may not be made now, in words; null when it may.
     *
     * @param  list<string>  $right codes of those that were right
     */
    public function objection(Check $check, array $right): ?string
    {
        foreach ($check->after as $before) {
            if (! in_array($before, $right, true) && $this->check($before) !== null) {
                return "This comes after “{$this->check($before)->title}”, which is not right yet.";
            }
        }

        return null;
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
            self::worded('turns-free', after: []), self::worded('lock-to-lock', after: []), self::worded('pack-locked', after: []),
            self::worded('wakes', $volts, after: ['turns-free', 'pack-locked']),
            self::worded('set', after: ['wakes']),
        ];
    }

    /** @return list<Check> */
    private static function moves(ProveFacts $facts): array
    {
        $throttle = ! $facts->hasThrottle ? [] : [
            self::worded('throttle-zero', after: ['wakes']), self::worded('throttle-one', after: ['throttle-zero']),
        ];

        return [...$throttle, self::worded('walk', after: ['wakes']), self::worded('pedals', after: ['wakes'])];
    }

    /** @return list<Check> */
    private static function brakes(ProveFacts $facts): array
    {
        $fitted = array_filter(BarSide::cases(), fn (BarSide $side) => $facts->brakes->of($side)?->isFitted() === true);

        return array_map(fn (BarSide $side) => self::worded('brake', side: $side, after: ['pedals']), array_values($fitted));
    }

    /** @return list<Check> */
    private static function senses(ProveFacts $facts): array
    {
        return [
            ...($facts->hasGearSensor ? [self::worded('shift', after: ['pedals'])] : []),
            self::worded('speed-lamp', after: ['wakes']), self::worded('speed-agrees', after: ['set', 'speed-lamp']),
            ...($facts->hasLamps ? [self::worded('lights', after: ['wakes'])] : []),
            self::worded('quiet', after: ['pedals']),
        ];
    }

    /** @return list<Check> */
    private static function rides(ProveFacts $facts): array
    {
        $brakes = array_map(fn (Check $check) => $check->code, self::brakes($facts));
        $before = ['pedals', 'speed-agrees', 'quiet', ...$brakes, ...($facts->hasThrottle ? ['throttle-one'] : [])];
        $cutOff = $facts->cutOff === null ? null : new Figure(
            'km/h', max(0.0, $facts->cutOff - self::CUT_OFF), $facts->cutOff + self::CUT_OFF,
        );

        return [
            self::worded('stops', after: $before), self::worded('levels', after: ['stops']), self::worded('hill', after: ['stops']),
            self::worded('cut-off', $cutOff, after: ['stops']),
            ...($facts->rangeKm === null ? [] : [
                self::worded(
                    'range', new Figure('km', $facts->rangeKm * self::RANGE[0], $facts->rangeKm * self::RANGE[1]), after: ['levels'],
                ),
            ]),
            ...array_map(fn (string $place) => self::worded("sound-{$place}", after: ['stops']), self::SOUNDS),
        ];
    }

    /** @return list<Check> */
    private static function afterwards(): array
    {
        return [self::worded('cranks-again', after: ['levels']), self::worded('ring-again', after: ['levels'])];
    }

    /** @param  list<string>  $after */
    private static function worded(string $code, ?Figure $figure = null, ?BarSide $side = null, array $after = []): Check
    {
        $words = ProveWords::ALL[$code];
        $of = fn (string $text): string => str_replace('{side}', $side->value ?? '', $text);

        return new Check(
            $side === null ? $code : "{$code}-{$side->value}", $words['chapter'], $of($words['title']), $of($words['how']), $of($words['expects']),
            array_map(fn (array $cause) => new Cause($of($cause[0]), $cause[1] === null ? null : $of($cause[1])), $words['causes']),
            $figure, $after, $words['caution'] ?? null,
        );
    }
}

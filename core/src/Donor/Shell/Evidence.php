<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Shell;

use NeatSpindle\Core\Ground\Measure\Tolerance;

use function count;

/** A kind of evidence about a shell: when it rules a standard out, and how well it would tell several apart. */
enum Evidence: string
{
    case Threaded = 'threaded';
    case Width = 'width_mm';
    case Bore = 'bore_mm';
    case ThreadPitch = 'thread_pitch_mm';
    case DriveCupLoosens = 'drive_cup_loosens';

    private const WIDTH_ALLOWANCE_MM = 0.6;

    private const PITCH_ALLOWANCE_MM = 0.02;

    private const BORE_WIDENING_MM = 0.1;

    /** Evidence worth asking for, in the order it is preferred on a tie. */
    public const TO_ASK = [self::Threaded, self::Bore, self::DriveCupLoosens, self::ThreadPitch];

    /** What it is called. */
    public function noun(): string
    {
        return match ($this) {
            self::Threaded => 'the thread',
            self::Width => 'the width',
            self::Bore => 'the bore',
            self::ThreadPitch => 'the thread’s pitch',
            self::DriveCupLoosens => 'the way the drive cup came out',
        };
    }

    /** What to do to get it. */
    public function label(): string
    {
        return match ($this) {
            self::Threaded => 'look whether it is threaded',
            self::Width => 'measure the width',
            self::Bore => 'measure the bore',
            self::ThreadPitch => 'thread gauge over ten crests',
            self::DriveCupLoosens => 'note which way the drive cup came out',
        };
    }

    /** Why it would help. */
    public function why(): string
    {
        return match ($this) {
            self::Threaded => 'Threaded and plain shells share widths and nearly bores.',
            self::Width => 'Everything on the axis is counted from it.',
            self::Bore => 'The shells still in question differ most across the bore.',
            self::ThreadPitch => 'A gauge over ten crests tells 24 turns to the inch from 1 mm.',
            self::DriveCupLoosens => 'The shells still in question look the same to a caliper, but their drive cups turn different ways.',
        };
    }

    public function isKnownOf(Shell $shell): bool
    {
        return match ($this) {
            self::Threaded => $shell->threaded !== null,
            self::Width => true,
            self::Bore => $shell->bore !== null,
            self::ThreadPitch => $shell->threadPitch !== null,
            self::DriveCupLoosens => $shell->driveCupLoosens !== null,
        };
    }

    public function rulesOut(ShellStandard $standard, Shell $shell): bool
    {
        return match ($this) {
            self::Threaded => $shell->threaded !== null && $shell->threaded !== $standard->isThreaded(),
            self::Width => self::widthRulesOut($standard, $shell),
            self::Bore => self::boreRulesOut($standard, $shell),
            self::ThreadPitch => self::pitchRulesOut($standard, $shell),
            self::DriveCupLoosens => $shell->driveCupLoosens !== null && $shell->driveCupLoosens !== $standard->driveCupLoosens(),
        };
    }

    /**
     * The size of the largest group this evidence could not tell apart.
     *
     * @param  list<ShellStandard>  $candidates
     */
    public function largestGroup(array $candidates): int
    {
        $sizes = match ($this) {
            self::Threaded => array_count_values(array_map(fn (ShellStandard $s) => $s->isThreaded() ? 'yes' : 'no', $candidates)),
            self::DriveCupLoosens => array_count_values(array_map(fn (ShellStandard $s) => $s->driveCupLoosens()->value ?? '', $candidates)),
            self::Bore => self::chained(array_map(fn (ShellStandard $s) => self::widened($s->bore(), self::BORE_WIDENING_MM), $candidates)),
            self::ThreadPitch => self::pitchGroups($candidates),
            self::Width => [count($candidates)],
        };

        return max([0, ...array_values($sizes)]);
    }

    private static function widthRulesOut(ShellStandard $standard, Shell $shell): bool
    {
        $distance = abs($standard->nearestWidth($shell->width->value) - $shell->width->value);

        return Tolerance::above($distance, self::WIDTH_ALLOWANCE_MM + $shell->width->plusMinus);
    }

    private static function boreRulesOut(ShellStandard $standard, Shell $shell): bool
    {
        if ($shell->bore === null) {
            return false;
        }
        [$low, $high] = $standard->bore();

        return Tolerance::below($shell->bore->highest(), $low) || Tolerance::above($shell->bore->lowest(), $high);
    }

    private static function pitchRulesOut(ShellStandard $standard, Shell $shell): bool
    {
        if ($shell->threadPitch === null) {
            return false;
        }
        $pitch = $standard->pitch();

        return $pitch === null
            || Tolerance::above(abs($pitch - $shell->threadPitch->value), self::PITCH_ALLOWANCE_MM + $shell->threadPitch->plusMinus);
    }

    /**
     * @param  list<ShellStandard>  $candidates
     * @return list<int>
     */
    private static function pitchGroups(array $candidates): array
    {
        $pitches = array_values(array_filter(array_map(fn (ShellStandard $s) => $s->pitch(), $candidates)));
        $ranges = array_map(fn (float $pitch) => self::widened([$pitch, $pitch], self::PITCH_ALLOWANCE_MM), $pitches);

        return [count($candidates) - count($pitches), ...self::chained($ranges)];
    }

    /**
     * @param  array{float, float}  $range
     * @return array{float, float}
     */
    private static function widened(array $range, float $by): array
    {
        return [$range[0] - $by, $range[1] + $by];
    }

    /**
     * Sizes of the groups of ranges that overlap or touch, one leading to the next.
     *
     * @param  list<array{float, float}>  $ranges
     * @return list<int>
     */
    private static function chained(array $ranges): array
    {
        sort($ranges);
        $sizes = [];
        $highest = -INF;
        foreach ($ranges as [$low, $high]) {
            if ($sizes === [] || Tolerance::above($low, $highest)) {
                $sizes[] = 0;
            }
            $sizes[count($sizes) - 1]++;
            $highest = max($highest, $high);
        }

        return $sizes;
    }
}

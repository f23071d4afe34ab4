<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

use NeatSpindle\Core\Ground\Measure\CannotReadQuantity;
use NeatSpindle\Core\Ground\Measure\LengthText;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\TorqueText;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Ground\Measure\TypedNumber;

use function array_key_exists;
use function array_map;
use function count;
use function in_array;
use function is_string;
use function mb_strlen;

/** Reads what is typed at the figures of a part into what a catalogue holds: lengths in mm, torques in N·m. */
final readonly class PartText
{
    private const MOST_NAMES = 40;

    private const LONGEST = 200;

    private LengthText $lengths;

    private TorqueText $torques;

    public function __construct(LengthUnit $lengths, TorqueUnit $torques)
    {
        $this->lengths = new LengthText($lengths);
        $this->torques = new TorqueText($torques);
    }

    /**
     * What one figure holds; null where nothing was typed.
     *
     * @param  string|list<string>  $typed
     * @param  array<string, string>  $choices what may be chosen, labels by value
     * @return string|int|float|bool|list<string>|list<float>|null
     *
     * @throws CannotReadQuantity
     */
    public function read(PartFigure $figure, string|array $typed, array $choices): string|int|float|bool|array|null
    {
        if ($figure->kind === FigureKind::Choices) {
            return $this->several((array) $typed, $choices);
        }
        $typed = trim(is_string($typed) ? $typed : '');

        return $typed === '' ? null : match ($figure->kind) {
            FigureKind::Text => $this->text($typed),
            FigureKind::Length, FigureKind::Offset, FigureKind::LengthOrNone => $this->lengths->mm($typed),
            FigureKind::Torques => $this->band($typed),
            FigureKind::Figure => $this->figure($typed, $figure->unit),
            FigureKind::Whole => $this->whole($typed),
            FigureKind::YesNo => in_array($typed, ['yes', 'no'], true) ? $typed === 'yes' : throw CannotReadQuantity::becauseItIsNone('yes or no'),
            FigureKind::Choice => array_key_exists($typed, $choices) ? $typed : throw CannotReadQuantity::becauseItIsNone('one of those that are offered'),
            FigureKind::Names => $this->names($typed),
        };
    }

    private function text(string $typed): string
    {
        return mb_strlen($typed) <= self::LONGEST
            ? $typed : throw CannotReadQuantity::becauseItIsNone('at most '.self::LONGEST.' characters');
    }

    /**
     * @param  list<string>  $chosen
     * @param  array<string, string>  $choices
     * @return list<string>|null
     */
    private function several(array $chosen, array $choices): ?array
    {
        foreach ($chosen as $one) {
            array_key_exists($one, $choices) ?: throw CannotReadQuantity::becauseItIsNone('some of those that are offered');
        }

        return $chosen === [] ? null : $chosen;
    }

    /** @return list<float> one figure alone stands for both ends */
    private function band(string $typed): array
    {
        $ends = preg_split('/\s*(?:-|–|—|to|bis)\s*/u', $typed) ?: [];
        $unit = count($ends) === 2 ? trim((string) preg_replace('/^[\d.,\s]+/u', '', $ends[1])) : '';
        $read = array_map(
            fn (string $end) => $this->torques->nm($unit !== '' && preg_match('/\p{L}/u', $end) !== 1 ? "{$end} {$unit}" : $end), $ends,
        );

        return match (true) {
            count($read) === 1 && $read[0] > 0.0 => [$read[0], $read[0]],
            count($read) === 2 && $read[0] > 0.0 && $read[0] <= $read[1] => $read,
            default => throw CannotReadQuantity::becauseItIsNone('a torque from its lower figure to its upper one: 35-45'),
        };
    }

    private function figure(string $typed, string $unit): float
    {
        $number = TypedNumber::read($typed, '250');
        if ($number->unit !== '' && $this->plain($number->unit) !== $this->plain($unit)) {
            throw CannotReadQuantity::becauseTheUnitIsUnknown($number->unit, $unit === '' ? 'a number alone' : "a figure in {$unit}");
        }

        return $number->amount > 0.0 ? $number->amount : throw CannotReadQuantity::becauseItIsNone('a figure above 0');
    }

    private function whole(string $typed): int
    {
        return preg_match('/^\d{1,3}$/D', $typed) === 1 && (int) $typed > 0
            ? (int) $typed : throw CannotReadQuantity::becauseItIsNone('a whole number above 0');
    }

    /** @return list<string> */
    private function names(string $typed): array
    {
        $names = array_values(array_unique(array_filter(array_map(trim(...), explode(',', $typed)), fn (string $name) => $name !== '')));

        return count($names) <= self::MOST_NAMES
            ? array_map($this->text(...), $names) : throw CannotReadQuantity::becauseThereAreTooMany(self::MOST_NAMES);
    }

    private function plain(string $unit): string
    {
        return mb_strtolower(str_replace(['·', '.', ' '], '', $unit));
    }
}

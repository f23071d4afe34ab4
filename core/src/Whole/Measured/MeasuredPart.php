<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

use NeatSpindle\Core\Ground\Document\Fault;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Whole\Exchange\ExtrasReader;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use stdClass;

use function array_key_exists;
use function array_slice;
use function implode;
use function is_float;
use function is_int;

/** A part as far as it has been measured: a few figures first, the rest when a place asks for them. */
final readonly class MeasuredPart
{
    /** Says of a part of a catalogue that it was measured, and on which day. */
    public const MARK = 'measured_here';

    /** @param  array<string, mixed>  $values as a catalogue holds them, by the figure's code */
    private function __construct(public PartKind $kind, public array $values) {}

    /** @param  array<string, mixed>  $values by the figure's code; what is no figure of its kind is left out */
    public static function of(PartKind $kind, array $values): self
    {
        $known = array_column($kind->figures(), null, 'code');

        return new self($kind, array_filter(array_intersect_key($values, $known), fn (mixed $value) => $value !== null));
    }

    public function has(string $code): bool
    {
        return array_key_exists($code, $this->values);
    }

    /** In mm, or whatever its unit is; null where it is not measured, or no figure. */
    public function number(string $code): ?float
    {
        $value = $this->values[$code] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    /** @return list<PartFigure> what is missing before it can be tried in a bike; a lock ring is whole or not there */
    public function missing(): array
    {
        $begun = array_filter(array_keys($this->values), fn (string $code) => str_starts_with($code, 'lockring.')) !== [];

        return array_values(array_filter(
            $this->kind->figures(), fn (PartFigure $figure) => ! $this->has($figure->code) && ($figure->isNeeded || ($begun && str_starts_with($figure->code, 'lockring.'))),
        ));
    }

    public function isWhole(): bool
    {
        return $this->missing() === [];
    }

    /**
     * Its entry in a catalogue.
     *
     * @param  string  $on the day it was measured
     * @param  array<string, mixed>  $motor of a nut: the entry of the motor it is for
     * @return array<string, mixed>
     */
    public function entry(string $on, array $motor = []): array
    {
        $entry = new stdClass;
        foreach ($this->values as $code => $value) {
            $way = $this->kind->figure($code)?->way() ?? [$code];
            $at = $entry;
            foreach (array_slice($way, 0, -1) as $key) {
                $at = $at->{$key} ??= new stdClass;
            }
            $at->{$way[array_key_last($way)]} = $value;
        }
        /** @var array<string, mixed> $read */
        $read = json_decode(json_encode($entry, JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
        unset($read[NutFigures::FOR_MOTOR]);
        $base = $this->kind === PartKind::Nut ? array_diff_key($motor, ['lockring' => 0]) : [];

        return [...$base, ...$read, ...($this->kind->isMotor() ? ['mount' => $this->kind->value] : []), self::MARK => $on];
    }

    /**
     * What is wrong with an entry, as a catalogue's reader finds it.
     *
     * @param  array<string, mixed>  $entry
     * @return array<string, string> messages by the figure's code
     */
    public function faults(string $code, array $entry): array
    {
        $faults = [];
        foreach ([JobReader::catalogue(...), ExtrasReader::read(...)] as $reader) {
            try {
                $reader(self::document($this->kind, $code, $entry));
            } catch (InvalidDocument $invalid) {
                foreach ($invalid->faults as $fault) {
                    $faults[$this->figureAt($fault)] ??= $fault->message;
                }
            }
        }

        return $faults;
    }

    /**
     * A catalogue of one part.
     *
     * @param  array<string, mixed>  $entry
     */
    public static function document(PartKind $kind, string $code, array $entry): stdClass
    {
        $document = [
            'motors' => new stdClass, 'rings' => new stdClass, 'spacers' => [], 'inserts' => new stdClass, 'packs' => new stdClass,
        ];
        $document[$kind->table()] = (object) [$code => $entry];

        /** @var stdClass */
        return json_decode(json_encode((object) $document, JSON_THROW_ON_ERROR), false, flags: JSON_THROW_ON_ERROR);
    }

    /** The figure a fault is about: its own, or the first one below its place. */
    private function figureAt(Fault $fault): string
    {
        $at = implode('.', array_slice(explode('/', $fault->path), 3));
        for (; $at !== ''; $at = implode('.', array_slice(explode('.', $at), 0, -1))) {
            foreach ($this->kind->figures() as $figure) {
                if ($figure->code === $at || str_starts_with($figure->code, "{$at}.")) {
                    return $figure->code;
                }
            }
        }

        return $this->kind->figures()[0]->code;
    }
}

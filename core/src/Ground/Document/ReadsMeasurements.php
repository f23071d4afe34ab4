<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Document;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Measure\TorqueBand;
use stdClass;

use function count;
use function is_float;
use function is_int;

/** What somebody measured, with its doubt, and bands of torque. Lengths in mm, torques in N·m. */
trait ReadsMeasurements
{
    /** A measured length, in mm. */
    public function measurement(string $key): Measurement
    {
        return $this->plainMeasurement($key, Value::MIN_LENGTH_MM, Value::MAX_LENGTH_MM)
            ?? $this->required($key)?->here()->measurement(Value::MIN_LENGTH_MM, Value::MAX_LENGTH_MM) ?? Measurement::exactly(1.0);
    }

    public function optionalMeasurement(string $key): ?Measurement
    {
        return $this->has($key) ? $this->measurement($key) : null;
    }

    /** A measured depth that may be 0, in mm. */
    public function optionalDepth(string $key): ?Measurement
    {
        return $this->has($key) ? $this->required($key)?->here()->measurement(0.0, Value::MAX_LENGTH_MM) : null;
    }

    /** A measured offset to either side, in mm. */
    public function offsetMeasurement(string $key): Measurement
    {
        return $this->plainMeasurement($key, -200.0, 200.0) ?? $this->required($key)?->here()->measurement(-200.0, 200.0) ?? Measurement::exactly(0.0);
    }

    /** The part maker's torque, lowest to highest, in N·m. */
    public function torqueBand(string $key): TorqueBand
    {
        $figures = array_map(fn (self $end) => $end->here()->positive() ?? NAN, $this->items($key, 2, 2));
        if (count($figures) !== 2) {
            return new TorqueBand(1.0, 1.0);
        }
        if ($figures[0] > $figures[1]) {
            $this->faultAt($key, 'The lower torque must come first.');
        }

        return new TorqueBand(...$figures);
    }

    /** A measurement in one of its two short forms where all of it keeps its range; any other is read bit by bit. */
    private function plainMeasurement(string $key, float $least, float $most): ?Measurement
    {
        $value = $this->object->{$key} ?? null;
        $doubt = 0;
        if ($value instanceof stdClass && ! property_exists($value, 'readings')) {
            $doubt = $value->plus_minus ?? 0;
            $value = $value->value ?? null;
        }

        return (is_float($value) || is_int($value)) && $value >= $least && $value <= $most
            && (is_float($doubt) || is_int($doubt)) && $doubt >= 0 && $doubt <= Value::MAX_DOUBT
            ? Measurement::within((float) $value, (float) $doubt)
            : null;
    }
}

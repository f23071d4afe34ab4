<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Documents\JobReadIn;
use App\Models\Answer;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Spot;
use stdClass;

use function array_filter;
use function array_map;
use function array_values;
use function count;
use function implode;
use function is_array;
use function is_bool;
use function is_float;
use function is_int;
use function is_scalar;

/** Takes over what a document of the job says otherwise of what was measured and answered; what stood there stays on record. */
class TakeOverDocument extends JobAction
{
    public function __construct(ChangeJob $change, private readonly ReadingWriter $writer)
    {
        parent::__construct($change);
    }

    /**
     * @param  string  $json  the document, looked at by the core
     * @return int how many places are others now
     */
    public function __invoke(Job $job, User $by, int $seen, string $json): int
    {
        return ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($by, $json): int {
            $taken = JobReadIn::of($open, $json)->takenOver();
            foreach ($taken as [$differing, $spot]) {
                $spot->kind()->isMeasured() ? $this->read($open, $by, $spot, $differing->there,
                    $differing->thereText()) : $this->answer($open, $by, $spot, $differing->there);
            }

            return count($taken);
        });
    }

    private function read(OpenJob $open, User $by, Spot $spot, mixed $said, string $typed): void
    {
        $instrument = $spot->instrument() ?? Instrument::Tape;
        $measured = self::measured($said, $by->doubtMm($instrument)) ?? $this->refuse('document',
            "What it says of {$spot->label()} is no measurement.");
        $within = array_filter($measured->readings ?: [$measured->value], fn (float $mm) => ! $spot->allows($mm)) === [];
        $within || $this->refuse('document', "{$spot->label()} cannot be {$typed}: expected between {$spot->least()} and {$spot->most()} mm.");
        $this->writer->write($open, $by, $spot, $measured, $instrument, "{$typed} mm, from a document", afresh: true, isSure: true);
    }

    private function answer(OpenJob $open, User $by, Spot $spot, mixed $said): void
    {
        $value = match (true) {
            is_bool($said) => $said ? 'yes' : 'no',
            is_array($said) => implode(' ', array_filter($said, is_scalar(...))),
            default => is_scalar($said) ? (string) $said : '',
        };
        $spot->choices() === [] || isset($spot->choices()[$value]) || $this->refuse('document',
            "What it says of {$spot->label()} is none of the answers there are.");
        Answer::give($open->job, $by, $spot->value, $value);
    }

    private static function measured(mixed $said, float $doubt): ?Measurement
    {
        $isFigure = fn (mixed $one): bool => is_int($one) || is_float($one);
        $readings = $said instanceof stdClass && is_array($said->readings ?? null) ? array_values(array_filter($said->readings,
            $isFigure)) : [];
        $value = $said instanceof stdClass ? $said->value ?? null : $said;
        $plusMinus = $said instanceof stdClass ? $said->plus_minus ?? null : null;

        return match (true) {
            $readings !== [] => Measurement::fromReadings(array_map(floatval(...), $readings), $doubt),
            $isFigure($value) && $isFigure($plusMinus) => Measurement::within((float) $value, (float) $plusMinus),
            $isFigure($value) => Measurement::fromReadings([(float) $value], $doubt),
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Assembly\Findings;
use App\Bench\OpenJob;
use App\Models\Longest;
use App\Models\Reading;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Measuring\Survey\Contradiction;
use NeatSpindle\Core\Measuring\Survey\Improbable;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Outlier;
use NeatSpindle\Core\Measuring\Survey\Spot;

use function count;

/** Writes down what was read at a spot, inside another change; a later reading supersedes, none is overwritten. */
class ReadingWriter
{
    /**
     * @param  bool  $afresh  the earlier readings no longer count; else these are added to them
     * @param  bool  $isSure  a reading out of line with the others, or unusual, is kept all the same
     *
     * @throws ValidationException asks whether an improbable one is kept
     */
    public function write(
        OpenJob $open, User $by, Spot $spot, Measurement $measurement, Instrument $instrument, string $typed, bool $afresh = false, bool $isSure = false,
    ): void {
        if (! $isSure) {
            $afresh ?: $this->askAboutOutliers($open->findings, $spot, $measurement, $by->doubtMm($instrument), $by->length_unit);
            $this->askAboutImprobable($open, $spot, $measurement, $by->length_unit);
        }
        $isStated = $measurement->readings === [];
        $first = null;
        foreach ($isStated ? [$measurement->value] : $measurement->readings as $value) {
            $reading = Reading::query()->create([
                'job_id' => $open->job->id, 'user_id' => $by->id, 'spot' => $spot, 'value_mm' => $value,
                'plus_minus_mm' => $isStated ? $measurement->plusMinus : null,
                'instrument' => $instrument, 'instrument_mm' => $by->doubtMm($instrument),
                'typed' => Longest::cut($typed, Longest::TYPED), 'taken_at' => now(),
            ]);
            $first ??= $reading->id;
        }
        Reading::query()->standingAt($open->job, $spot)->where('id', '<', $first)
            ->when(! $afresh && ! $isStated, fn (Builder $query) => $query->whereNotNull('plus_minus_mm'))
            ->update(['superseded_at' => now(), 'superseded_by_id' => $first]);
    }

    /** What such a bike usually has not is asked about, with the likeliest slip. */
    private function askAboutImprobable(OpenJob $open, Spot $spot, Measurement $measurement, LengthUnit $unit): void
    {
        [$width, $cups, $flange] = [$open->findings->shellWidth()?->value, $open->findings->measurement(Spot::CupsWidth), $open->findings->measurement(Spot::CupFlange)];
        foreach ($measurement->readings ?: [$measurement->value] as $mm) {
            $odd = Improbable::reading($open->job->bike->kind, $spot, $mm, $width, $cups, $flange);
            if ($odd !== null) {
                throw AskWhetherSure::ofReading(implode(' ', array_filter([
                    $odd->usual === null
                        ? "{$unit->show($mm)} does not go with the cups: less their flanges they told {$unit->show((float) $odd->expected)}."
                        : "{$unit->show($mm)} is unusual here: such a bike has {$unit->show($odd->usual[0])} to {$unit->show($odd->usual[1])}, as far as we know.",
                    $odd->slip?->question(),
                    'Take it again, or keep it as typed.',
                ])));
            }
            $contradiction = Contradiction::of($spot, $mm, $open->findings->lengths(), $open->job->bike->kind);
            if ($contradiction !== null) {
                throw AskWhetherSure::ofReading(
                    "{$unit->show($mm)}? {$contradiction->words()} Take one of them again, or keep it as typed.",
                );
            }
        }
    }

    /** A reading out of line is asked about, not dropped. */
    private function askAboutOutliers(Findings $findings, Spot $spot, Measurement $measurement, float $doubtMm, LengthUnit $unit): void
    {
        $standing = array_map(fn (Reading $reading) => $reading->value_mm, $findings->readings($spot));
        foreach ($measurement->readings as $mm) {
            $distance = Outlier::distance($standing, $mm, $doubtMm);
            if ($distance !== null) {
                $others = count($standing) === 1 ? "the other reading, {$unit->show($standing[0])}" : 'the other readings';
                throw AskWhetherSure::ofOutlier(
                    "{$unit->show($mm)} is {$unit->show($distance)} away from {$others}. Does it stand instead, or is it one more?",
                );
            }
        }
    }
}

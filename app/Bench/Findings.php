<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Answer;
use App\Models\Job;
use App\Models\Reading;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Measure\Measurement;
use NeatSpindle\Core\Strip\BracketKind;
use NeatSpindle\Core\Strip\CrankKind;
use NeatSpindle\Core\Strip\Fitted;
use NeatSpindle\Core\Survey\EarlyWidth;
use NeatSpindle\Core\Survey\GuideRemedy;

use function count;

/** What has been read and answered at each spot of a job, as it stands now. */
class Findings
{
    /** The answer that says how much each cog is ridden. */
    public const USE = 'cog_use';

    /**
     * @param  array<array-key, Collection<int, Reading>>  $readings  by spot
     * @param  array<array-key, Answer>  $answers  by question
     */
    private function __construct(
        private readonly array $readings,
        private readonly array $answers,
    ) {}

    public static function of(Job $job): self
    {
        return new self($job->readings->groupBy('spot')->all(), $job->answers->keyBy('question')->all());
    }

    /** @return Collection<int, Reading> the readings that stand at a spot, oldest first */
    public function readings(string $spot): Collection
    {
        return $this->readings[$spot] ?? new Collection;
    }

    public function measurement(string $spot): ?Measurement
    {
        $readings = $this->readings($spot);
        $stated = $readings->first(fn (Reading $reading) => $reading->plus_minus_mm !== null);
        $values = array_values($readings->map(fn (Reading $reading) => $reading->value_mm)->all());

        return match (true) {
            $stated !== null => Measurement::within($stated->value_mm, (float) $stated->plus_minus_mm),
            $values !== [] => Measurement::fromReadings($values, $this->instrumentMm($spot)),
            default => null,
        };
    }

    /** The doubt of the least exact instrument used at a spot. */
    public function instrumentMm(string $spot): float
    {
        return (float) $this->readings($spot)->max('instrument_mm');
    }

    public function mm(string $spot): ?float
    {
        return $this->measurement($spot)?->value;
    }

    /** @return array<string, float> every measured length in mm, by spot */
    public function lengths(): array
    {
        $lengths = [];
        foreach (array_keys($this->readings) as $spot) {
            $lengths[(string) $spot] = (float) $this->mm((string) $spot);
        }

        return $lengths;
    }

    public function answer(string $question): ?string
    {
        return ($this->answers[$question] ?? null)?->value;
    }

    public function count(string $question): ?int
    {
        return is_numeric($this->answer($question)) ? (int) $this->answer($question) : null;
    }

    /** @return list<int>|null */
    public function teeth(string $question): ?array
    {
        $answer = $this->answer($question);

        return $answer === null ? null : array_map(intval(...), explode(' ', $answer));
    }

    public function isOneCog(): bool
    {
        return count($this->teeth('cogs') ?? []) === 1;
    }

    /** @return list<float>|null a weight for each cog; null unless there is one for each */
    public function weights(): ?array
    {
        $answer = $this->answer(self::USE);
        $weights = $answer === null ? [] : array_map(floatval(...), explode(' ', $answer));

        return $weights !== [] && count($weights) === count($this->teeth('cogs') ?? []) ? $weights : null;
    }

    /** @return list<float>|null the hub gear's ratios, lowest first; null without one */
    public function ratios(): ?array
    {
        $answer = $this->answer('hub_ratios');

        return $answer === null ? null : array_map(floatval(...), explode(' ', $answer));
    }

    public function has(string $spot): bool
    {
        return $this->readings($spot)->isNotEmpty() || $this->answer($spot) !== null;
    }

    /** The shell's width: measured bare, or told early from the cups; null while neither is known. */
    public function shellWidth(): ?Measurement
    {
        $cups = $this->measurement('cups_width');
        $flange = $this->measurement('cup_flange');

        return $this->measurement('shell_width')
            ?? ($cups === null || $flange === null ? null : EarlyWidth::from($cups, $flange));
    }

    /** Whether the width that is computed with was told from the cups. */
    public function isWidthEarly(): bool
    {
        return $this->measurement('shell_width') === null && $this->shellWidth() !== null;
    }

    /** What is said to be on the bike; what nobody said is the commonest. */
    public function fitted(): Fitted
    {
        return new Fitted(
            CrankKind::tryFrom($this->answer('crank_kind') ?? '') ?? CrankKind::SquareTaper,
            BracketKind::tryFrom($this->answer('bracket_kind') ?? '') ?? BracketKind::Threaded,
            $this->answer('front_mech') !== 'no',
            $this->answer('chain_kept') === 'yes',
            $this->answer('guard') === 'yes',
            $this->answer('kickstand') === 'yes',
        );
    }

    public function guideRemedy(): GuideRemedy
    {
        return GuideRemedy::tryFrom($this->answer('guide_remedy') ?? '') ?? GuideRemedy::Stays;
    }

    public function isFittedKnown(): bool
    {
        return $this->answer('crank_kind') !== null && $this->answer('bracket_kind') !== null;
    }
}

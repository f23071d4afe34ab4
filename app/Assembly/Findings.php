<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Answer;
use App\Models\Job;
use App\Models\Reading;
use NeatSpindle\Core\Donor\Bike\BrakeKind;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Turn\Rotation;
use NeatSpindle\Core\Measuring\Strip\BracketKind;
use NeatSpindle\Core\Measuring\Strip\CrankKind;
use NeatSpindle\Core\Measuring\Strip\Fitted;
use NeatSpindle\Core\Measuring\Survey\CogSpacing;
use NeatSpindle\Core\Measuring\Survey\EarlyWidth;
use NeatSpindle\Core\Measuring\Survey\GuideRemedy;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\SurveyPlan;

use function array_key_exists;
use function count;

/** What has been read and answered at each spot of a job, as it stands now. */
class Findings
{
    /** The answer that says how much each cog is ridden. */
    public const USE = 'cog_use';

    /** @var array<string, ?Measurement> what was asked for before, by spot */
    private array $measured = [];

    /**
     * @param  array<string, non-empty-list<Reading>>  $readings  by spot, oldest first
     * @param  array<array-key, Answer>  $answers  by question
     */
    private function __construct(
        private readonly array $readings,
        private readonly array $answers,
        private readonly bool $canBracketStay,
    ) {}

    /** @param  bool  $canBracketStay  whether it counts where the frame's own bracket is said to stay */
    public static function of(Job $job, bool $canBracketStay = false): self
    {
        [$readings, $answers] = [[], []];
        foreach ($job->readings as $reading) {
            $readings[$reading->spot->value][] = $reading;
        }
        foreach ($job->answers as $answer) {
            $answers[$answer->question] = $answer;
        }

        return new self($readings, $answers, $canBracketStay);
    }

    /** @return list<Reading> the readings that stand at a spot, oldest first */
    public function readings(Spot $spot): array
    {
        return $this->readings[$spot->value] ?? [];
    }

    public function measurement(Spot $spot): ?Measurement
    {
        return array_key_exists($spot->value, $this->measured)
            ? $this->measured[$spot->value]
            : $this->measured[$spot->value] = isset($this->readings[$spot->value]) ? $this->measure($spot) : null;
    }

    private function measure(Spot $spot): ?Measurement
    {
        $values = [];
        foreach ($this->readings($spot) as $reading) {
            if ($reading->plus_minus_mm !== null) {
                return Measurement::within($reading->value_mm, $reading->plus_minus_mm);
            }
            $values[] = $reading->value_mm;
        }

        return $values === [] ? null : Measurement::fromReadings($values, $this->instrumentMm($spot));
    }

    /** The doubt of the least exact instrument used at a spot. */
    public function instrumentMm(Spot $spot): float
    {
        return max([0.0, ...array_map(fn (Reading $reading) => $reading->instrument_mm, $this->readings($spot))]);
    }

    public function mm(Spot $spot): ?float
    {
        return $this->measurement($spot)?->value;
    }

    /** @return array<string, float> every measured length in mm, by spot */
    public function lengths(): array
    {
        $lengths = [];
        foreach (array_keys($this->readings) as $spot) {
            $lengths[(string) $spot] = (float) $this->mm(Spot::from((string) $spot));
        }

        return $lengths;
    }

    public function answer(Spot $question): ?string
    {
        return $this->said($question->value);
    }

    public function count(Spot $question): ?int
    {
        return is_numeric($this->answer($question)) ? (int) $this->answer($question) : null;
    }

    /** @return non-empty-list<int>|null */
    public function teeth(Spot $question): ?array
    {
        $answer = $this->answer($question);

        return $answer === null ? null : array_map(intval(...), explode(' ', $answer));
    }

    public function isOneCog(): bool
    {
        return count($this->teeth(Spot::Cogs) ?? []) === 1;
    }

    /** As it mostly is with so many cogs, in mm; null while cogs or hub are not known, or nothing is usual. */
    public function usualCogPitch(): ?float
    {
        return CogSpacing::usual(count($this->teeth(Spot::Cogs) ?? []), $this->measurement(Spot::OverLocknuts));
    }

    /** @return non-empty-list<float>|null a weight for each cog; null unless there is one for each */
    public function weights(): ?array
    {
        $answer = $this->said(self::USE);
        $weights = $answer === null ? [] : array_map(floatval(...), explode(' ', $answer));

        return $weights !== [] && count($weights) === count($this->teeth(Spot::Cogs) ?? []) ? $weights : null;
    }

    /** @return non-empty-list<float>|null the hub gear's ratios, lowest first; null without one */
    public function ratios(Spot $question): ?array
    {
        $answer = $this->answer($question);

        return $answer === null ? null : array_map(floatval(...), explode(' ', $answer));
    }

    public function has(Spot $spot): bool
    {
        return isset($this->readings[$spot->value]) || $this->answer($spot) !== null;
    }

    /** The shell's width: measured bare, or told early from the cups; null while neither is known. */
    public function shellWidth(): ?Measurement
    {
        $cups = $this->measurement(Spot::CupsWidth);
        $flange = $this->measurement(Spot::CupFlange);

        return $this->measurement(Spot::ShellWidth)
            ?? ($cups === null || $flange === null ? null : EarlyWidth::from($cups, $flange));
    }

    /** Whether the width that is computed with was told from the cups, and will be measured bare: where they stay, it never is. */
    public function isWidthEarly(): bool
    {
        return $this->measurement(Spot::ShellWidth) === null && $this->shellWidth() !== null && ! $this->fitted()->bracketStays();
    }

    /** What is said to be on the bike; what nobody said is the commonest. */
    public function fitted(): Fitted
    {
        return new Fitted(
            crank: CrankKind::tryFrom($this->answer(Spot::CrankKind) ?? '') ?? CrankKind::SquareTaper,
            bracket: BracketKind::tryFrom($this->answer(Spot::BracketKind) ?? '') ?? BracketKind::Cartridge,
            hasFrontMech: $this->answer(Spot::FrontMech) !== 'no',
            keepsChain: $this->answer(Spot::ChainKept) === 'yes',
            hasGuard: $this->answer(Spot::Guard) === 'yes',
            hasKickstand: $this->answer(Spot::Kickstand) === 'yes',
            hasBucket: $this->answer(Spot::Bucket) === 'yes',
            hasDustCaps: $this->answer(Spot::DustCaps) === 'yes',
            cogs: $this->teeth(Spot::Cogs) === null ? null : count($this->teeth(Spot::Cogs)),
            driveCupLoosens: Rotation::tryFrom($this->answer(Spot::DriveCupLoosens) ?? ''),
            isBracketKept: $this->canBracketStay && $this->answer(Spot::BracketStays) === 'yes',
        );
    }

    /** Whether a guide leads a cable under the shell, and stays there. */
    public function isGuided(): bool
    {
        return ($this->mm(Spot::GuideDepth) ?? 0.0) > 0.0 && ! $this->guideRemedy()->leavesNothing();
    }

    public function guideRemedy(): GuideRemedy
    {
        return GuideRemedy::tryFrom($this->answer(Spot::GuideRemedy) ?? '') ?? GuideRemedy::Stays;
    }

    /** Whether what a spot is asked for is known: measured or answered there, told from something else, or no question on this bike. */
    public function isKnown(Spot $spot): bool
    {
        return $this->has($spot) || match ($spot) {
            Spot::ShellWidth => $this->shellWidth() !== null,
            Spot::CogPitch => $this->isOneCog() || $this->usualCogPitch() !== null,
            default => false,
        };
    }

    /** Whether a person has nothing left to give there: a width told from the cups is measured bare all the same. */
    public function isGiven(Spot $spot): bool
    {
        return $this->has($spot) || match ($spot) {
            Spot::CogPitch => $this->isOneCog() || $this->usualCogPitch() !== null,
            Spot::RotorFront => BrakeKind::tryFrom($this->answer(Spot::BrakeFront) ?? '')?->hasRotor() === false,
            Spot::RotorRear => BrakeKind::tryFrom($this->answer(Spot::BrakeRear) ?? '')?->hasRotor() === false,
            Spot::StayLook => array_filter([Spot::ShellWidth, ...SurveyPlan::STAY], $this->has(...)) !== [],
            default => false,
        };
    }

    /** @return array<string, string> every answer, by its question */
    public function answers(): array
    {
        return array_map(fn (Answer $answer) => $answer->value, $this->answers);
    }

    private function said(string $question): ?string
    {
        return ($this->answers[$question] ?? null)?->value;
    }
}

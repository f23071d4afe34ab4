<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Decision;
use App\Models\HouseRule;
use App\Models\Job;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Build\Circumstances;
use NeatSpindle\Core\House\Difference;
use NeatSpindle\Core\House\HouseRules;
use NeatSpindle\Core\House\Question;
use NeatSpindle\Core\House\School;
use NeatSpindle\Core\House\SheetLine;
use NeatSpindle\Core\Strip\StripPlan;

use function strlen;

/** The rules of the house as one job follows them: those it was started with, and where it departs from them by decision. */
class JobHouse
{
    private const DEPARTURE = 'house-';

    /** A decision about what a customer insists on is called so, with what it is after it. */
    public const INSISTENCE = 'insistence-';

    /** What somebody may insist on against advice, by its code. */
    public const INSISTED = ['ring-side' => 'the ring’s side', 'battery' => 'the battery', 'else' => 'something else'];

    private ?HouseRules $rules = null;

    private ?Circumstances $circumstances = null;

    /** @var array{list<SheetLine>, list<SheetLine>}|null */
    private ?array $lines = null;

    public function __construct(private readonly OpenJob $open) {}

    /** What a decision to go about a question differently is called. */
    public static function about(Question $question): string
    {
        return self::DEPARTURE.$question->value;
    }

    /** What such a decision is about; null for any other. */
    public static function departure(Decision $decision): ?School
    {
        return str_starts_with($decision->about, self::DEPARTURE) ? School::tryFrom($decision->choice) : null;
    }

    /** What a decision says about the house or what is insisted on, in words; null for any other. */
    public static function says(Decision $decision): ?string
    {
        $school = self::departure($decision);
        $insisted = self::INSISTED[substr($decision->about, strlen(self::INSISTENCE))] ?? null;

        return match (true) {
            $school !== null => "{$school->question()->label()}, decided for this job: {$school->label()}",
            $insisted !== null && str_starts_with($decision->about, self::INSISTENCE) => "The customer insists on {$insisted}",
            default => null,
        };
    }

    public function rules(): HouseRules
    {
        return $this->rules ??= $this->followed();
    }

    private function followed(): HouseRules
    {
        $rules = self::atItsStart($this->open->job);
        foreach ($this->open->job->decisions as $decision) {
            $school = self::departure($decision);
            $rules = $school === null ? $rules : $rules->with($school);
        }

        return $rules;
    }

    public static function atItsStart(Job $job): HouseRules
    {
        return HouseRules::fromKept($job->house ?? []);
    }

    public function decision(Question $question): ?Decision
    {
        return $this->open->job->decisions->firstWhere('about', self::about($question));
    }

    /** @return Collection<int, HouseRule> what the workshop answers otherwise than it did when this job began */
    public function changedSince(): Collection
    {
        $began = self::atItsStart($this->open->job);

        return $this->open->job->workshop()->firstOrFail()->houseRules()->with('user')->get()
            ->filter(fn (HouseRule $rule) => ! $began->follows($rule->school))->values();
    }

    /**
     * What would read differently on this job's sheets, were a question answered so.
     *
     * @return list<string>|null null while there is no build sheet to look at
     */
    public function effect(School $school): ?array
    {
        $now = $this->lines ??= $this->linesUnder($this->rules());
        $then = $this->linesUnder($this->rules()->with($school));

        return $this->open->buildSheet() === null ? null : [...Difference::between($now[0], $then[0])->changes, ...Difference::between($now[1], $then[1])->changes];
    }

    private function circumstances(): Circumstances
    {
        return $this->circumstances ??= CircumstancesAssembler::of($this->open);
    }

    /** @return array{list<SheetLine>, list<SheetLine>} what comes off, and what goes on */
    private function linesUnder(HouseRules $rules): array
    {
        return [
            StripPlan::for($this->open->findings->fitted(), $this->open->identification(), $rules)->lines(),
            $this->open->worksheet()?->buildSheet($this->circumstances()->inHouse($rules))?->lines() ?? [],
        ];
    }
}

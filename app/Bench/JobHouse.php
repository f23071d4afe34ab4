<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Decision;
use App\Models\HouseRule;
use App\Models\Job;
use App\Models\Values\About;
use App\Models\Values\AboutKind;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\House\School;

/** The rules of the house as one job follows them: those it was started with, and where it departs from them by decision. */
final readonly class JobHouse implements FromJob
{
    /** What somebody may insist on against advice, by its code. */
    public const INSISTED = ['ring-side' => 'the ring’s side', 'battery' => 'the battery', 'else' => 'something else'];

    private function __construct(public HouseRules $rules) {}

    public static function of(OpenJob $open): static
    {
        $rules = self::atItsStart($open->job);
        foreach ($open->decisions->ofKind(AboutKind::Departure) as $decision) {
            $school = School::tryFrom($decision->choice);
            $rules = $school === null ? $rules : $rules->with($school);
        }

        return new self($rules);
    }

    public static function atItsStart(Job $job): HouseRules
    {
        return HouseRules::fromKept($job->house ?? []);
    }

    /** What a decision says about the house or what is insisted on, in words; null for any other. */
    public static function says(Decision $decision): ?string
    {
        $about = About::read($decision->about);
        $school = School::tryFrom($decision->choice);

        return match (true) {
            $about?->kind === AboutKind::Departure && $school !== null => "{$school->question()->label()}, decided for this job: {$school->label()}",
            $about?->kind === AboutKind::Insistence => 'The customer insists on '.(self::INSISTED[$about->which] ?? $about->which),
            default => null,
        };
    }

    /** @return Collection<int, HouseRule> what the workshop answers otherwise than it did when a job began */
    public static function changedSince(Job $job): Collection
    {
        $began = self::atItsStart($job);

        return HouseRule::query()->where('workshop_id', $job->workshop_id)->whereNull('superseded_at')->with('user')->get()
            ->filter(fn (HouseRule $rule) => ! $began->follows($rule->school))->values();
    }
}

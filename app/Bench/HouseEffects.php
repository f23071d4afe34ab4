<?php

declare(strict_types=1);

namespace App\Bench;

use NeatSpindle\Core\Ground\House\Difference;
use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\House\Question;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Ground\House\SheetLine;
use NeatSpindle\Core\Measuring\Strip\StripPlan;

/** What would read differently on the sheets of one job, were a question of the house answered otherwise. */
final readonly class HouseEffects implements FromJob
{
    /** @param  array<string, list<string>>|null  $changes  by the answer's code; null while there is no build sheet to look at */
    private function __construct(private ?array $changes) {}

    public static function of(OpenJob $open): static
    {
        return new self(Kept::of($open, 'house effects', fn (): ?array => $open->buildSheet() === null ? null : self::allChanges($open)));
    }

    /** @return list<string>|null null while there is no build sheet to look at */
    public function changes(School $school): ?array
    {
        return $this->changes === null ? null : $this->changes[$school->value] ?? [];
    }

    /** @return array<string, list<string>> */
    private static function allChanges(OpenJob $open): array
    {
        $rules = $open->the(JobHouse::class)->rules;
        $now = self::lines($open, $rules);
        $changes = [];
        foreach (Question::cases() as $question) {
            foreach ($question->schools() as $school) {
                $then = $rules->follows($school) ? $now : self::lines($open, $rules->with($school));
                $changes[$school->value] = [...Difference::between($now[0], $then[0])->changes, ...Difference::between($now[1], $then[1])->changes];
            }
        }

        return $changes;
    }

    /** @return array{list<SheetLine>, list<SheetLine>} what comes off, and what goes on */
    private static function lines(OpenJob $open, HouseRules $rules): array
    {
        return [
            StripPlan::for($open->findings->fitted(), $open->identification(), $rules)->lines(),
            $open->worksheet()?->buildSheet($open->circumstances()->inHouse($rules))?->lines() ?? [],
        ];
    }
}

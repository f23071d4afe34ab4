<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\HouseRule;
use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\House\Question;

/** The rules of a house as a table, question by question: `question, answer, why, by, since`; where nobody has answered, what is usual. */
class HouseTable
{
    /** @return list<list<string>> the headings first */
    public static function of(int $workshop, HouseRules $house): array
    {
        $said = HouseRule::query()->where('workshop_id', $workshop)->whereNull('superseded_at')->with('user')->get()->keyBy(fn (HouseRule $rule) => $rule->question->value);

        return [['question', 'answer', 'why', 'by', 'since'], ...array_map(function (Question $question) use ($said, $house): array {
            $rule = $said->get($question->value);

            return [
                $question->label(), $house->school($question)->label(), (string) $rule?->why, (string) $rule?->user->name, (string) $rule?->made_at->format('Y-m-d'),
            ];
        }, Question::cases())];
    }
}

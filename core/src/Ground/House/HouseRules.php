<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\House;

use function is_string;

/** How one workshop answers all that good installers answer differently; what it has not chosen is the default. */
final readonly class HouseRules
{
    /** @param  array<string, School>  $chosen by the question's code */
    private function __construct(private array $chosen) {}

    public static function default(): self
    {
        return new self([]);
    }

    /**
     * As they were kept; what is not known any more is left to the default.
     *
     * @param  array<array-key, mixed>  $kept codes of schools
     */
    public static function fromKept(array $kept): self
    {
        $rules = self::default();
        foreach ($kept as $code) {
            $school = is_string($code) ? School::tryFrom($code) : null;
            $rules = $school === null ? $rules : $rules->with($school);
        }

        return $rules;
    }

    public function with(School $school): self
    {
        return new self([...$this->chosen, $school->question()->value => $school]);
    }

    public function school(Question $question): School
    {
        return $this->chosen[$question->value] ?? $question->default();
    }

    public function follows(School $school): bool
    {
        return $this->school($school->question()) === $school;
    }

    /** @return list<School> one for each question */
    public function schools(): array
    {
        return array_map(fn (Question $question) => $this->school($question), Question::cases());
    }

    /** @return array<string, string> all of them, so that a later default changes nothing that was kept */
    public function toKeep(): array
    {
        $kept = [];
        foreach ($this->schools() as $school) {
            $kept[$school->question()->value] = $school->value;
        }

        return $kept;
    }
}

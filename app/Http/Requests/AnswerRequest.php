<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\SpotKind;

use function count;

/** A choice, a count or a row of teeth given at a spot of the survey. */
class AnswerRequest extends FormRequest
{
    private const MOST_COGS = 16;

    private const MOST_RATIOS = 30;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $answered = array_filter(Spot::cases(), fn (Spot $spot) => ! $spot->kind()->isMeasured());

        return [
            'spot' => ['required', 'string', Rule::in(array_column($answered, 'value'))],
            'value' => ['required', 'string', 'max:'.Longest::ANSWER],
            'seen' => ['nullable', 'string', 'max:'.Longest::ANSWER],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['value.required' => 'Nothing was answered yet.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $fault = $validator->errors()->isEmpty() ? $this->fault() : null;
            if ($fault !== null) {
                $validator->errors()->add('value', $fault);
            }
        }];
    }

    public function spot(): Spot
    {
        return Spot::from($this->string('spot')->value());
    }

    /** The answer the person saw, empty where none was given; null where the form does not say. */
    public function seen(): ?string
    {
        return $this->has('seen') ? $this->string('seen')->value() : null;
    }

    /** The answer as it is kept: teeth as numbers parted by one space. */
    public function answer(): string
    {
        return match ($this->spot()->kind()) {
            SpotKind::Teeth => implode(' ', $this->numbers()),
            SpotKind::Ratios => implode(' ', $this->ratios()),
            default => $this->string('value')->trim()->value(),
        };
    }

    private function fault(): ?string
    {
        return match ($this->spot()->kind()) {
            SpotKind::Choice => isset($this->spot()->choices()[$this->answer()]) ? null : 'Choose one of: '.implode(', ', $this->spot()->choices()).'.',
            SpotKind::Count => $this->countFault(),
            SpotKind::Teeth => $this->teethFault(),
            SpotKind::Ratios => $this->ratiosFault(),
            default => null,
        };
    }

    private function countFault(): ?string
    {
        $spot = $this->spot();
        $isWhole = preg_match('/^\d{1,5}$/', $this->answer()) === 1;

        return $isWhole && $spot->allows((float) $this->answer())
            ? null
            : "Expected a whole number from {$spot->least()} to {$spot->most()}.";
    }

    private function teethFault(): ?string
    {
        $teeth = $this->numbers();
        $rising = array_values(array_unique($teeth));
        sort($rising);

        return match (true) {
            preg_match('/^[\d\s,;–-]+$/u', $this->string('value')->value()) !== 1 => 'Write the teeth as numbers: 11 13 15 17.',
            $teeth === [] || count($teeth) > self::MOST_COGS => 'Expected 1 to 16 cogs.',
            min($teeth) < 9 || max($teeth) > 60 => 'A cog has from 9 to 60 teeth.',
            $rising !== $teeth => 'Smallest first, each larger than the one before.',
            default => null,
        };
    }

    private function ratiosFault(): ?string
    {
        $ratios = $this->ratios();
        $rising = array_values(array_unique($ratios));
        sort($rising);

        return match (true) {
            preg_match('/^[\d\s.,;]+$/u', $this->string('value')->value()) !== 1 => 'Write the ratios as numbers: 0.73 1 1.36.',
            $ratios === [] || count($ratios) > self::MOST_RATIOS => 'Expected 1 to 30 ratios.',
            min($ratios) < 0.1 || max($ratios) > 10 => 'A hub’s ratio lies between 0.1 and 10.',
            $rising !== $ratios => 'Lowest first, each larger than the one before.',
            default => null,
        };
    }

    /** @return list<float> */
    private function ratios(): array
    {
        preg_match_all('/\d{1,2}(?:[.,]\d{1,4})?/', $this->string('value')->value(), $found);

        return array_map(fn (string $typed) => (float) str_replace(',', '.', $typed), $found[0]);
    }

    /** @return list<int> */
    private function numbers(): array
    {
        preg_match_all('/\d{1,6}/', $this->string('value')->value(), $found);

        return array_map(intval(...), $found[0]);
    }
}

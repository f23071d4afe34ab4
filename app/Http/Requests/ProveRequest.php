<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\StepState;

/** What came of a check, with the figure that was read. */
class ProveRequest extends StepRequest
{
    public function rules(): array
    {
        return parent::rules() + ['figure' => ['nullable', 'numeric', 'between:-1000,100000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'note.required' => 'Say what was seen or heard, so that the cause can be found.',
            'figure.*' => 'Expected the figure as it was read, such as 24.6.',
        ];
    }

    /** @return array{state: StepState, figure: ?float, note: ?string}|null null takes the record back */
    public function done(): ?array
    {
        $state = $this->state();

        return $state === null ? null : [
            'state' => $state, 'figure' => $this->filled('figure') ? $this->float('figure') : null, 'note' => $this->note(),
        ];
    }

    /** A comma is as good as a point. */
    protected function prepareForValidation(): void
    {
        $figures = array_filter($this->only(['figure']), is_string(...));
        $this->merge(array_map(fn (string $typed) => str_replace(',', '.', trim($typed)), $figures));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Instruments\InstrumentIsSilent;
use App\Instruments\Simulated\Bench;
use App\Instruments\Simulated\Knob;
use App\View\Workshop\InstrumentsPage;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** How a simulated instrument is set, or that it is cut off in its next answer. */
class PlayRequest extends FormRequest
{
    public function authorize(): bool
    {
        return (bool) config('instruments.play');
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = ['instrument' => ['required', 'string', Rule::in(array_keys(Bench::KINDS))]];
        foreach ($this->knobs() as $knob) {
            $rules[$knob->name] = ['nullable', 'numeric', "between:{$knob->least},{$knob->most}"];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = [];
        foreach ($this->knobs() as $knob) {
            $messages["{$knob->name}.*"] = "{$knob->label}: from {$knob->least} to {$knob->most} {$knob->unit}.";
        }

        return $messages;
    }

    /** @throws ValidationException when it is not there */
    public function play(): void
    {
        $player = InstrumentsPage::player($this->string('instrument')->value());
        try {
            foreach ($this->knobs() as $knob) {
                $this->filled($knob->name) && $player->set($knob->name, $this->float($knob->name));
            }
            $this->filled('cut') && $player->cut();
        } catch (InstrumentIsSilent $silent) {
            throw ValidationException::withMessages(['instrument' => $silent->getMessage()]);
        }
    }

    /** @return list<Knob> of the instrument that is named; none where there is no such instrument */
    private function knobs(): array
    {
        $kind = Bench::KINDS[$this->string('instrument')->value()] ?? null;

        return $kind === null ? [] : $kind::knobs();
    }
}

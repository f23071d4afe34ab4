<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Ring;
use App\Models\Spider;
use Illuminate\Validation\Rule;

class ChooseRingRequest extends JobChangeRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'ring_id' => ['required', Rule::exists('rings', 'id')->where('workshop_id', $this->job()->workshop_id)],
            'mounting' => ['nullable', 'string', Rule::in($this->mountings())],
        ];
    }

    public function messages(): array
    {
        return ['mounting.in' => 'The ring does not go on that way. Choose one of the ways the list shows.'];
    }

    public function mounting(): string
    {
        return (string) $this->string('mounting');
    }

    public function ringId(): int
    {
        return $this->integer('ring_id');
    }

    /** @return list<string> */
    private function mountings(): array
    {
        $ring = Ring::query()->where('workshop_id', $this->job()->workshop_id)->find($this->integer('ring_id'));

        return $ring === null ? [] : array_map(strval(...), array_keys($ring->mountings(Spider::query()->where('workshop_id', $this->job()->workshop_id)->get())));
    }
}

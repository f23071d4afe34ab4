<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\Values\PlugAtHand;
use Illuminate\Validation\Rule;
use NeatSpindle\Core\Fitting\Route\Plug;
use NeatSpindle\Core\Fitting\Route\PlugColour;
use NeatSpindle\Core\Fitting\Route\PlugShape;
use NeatSpindle\Core\Fitting\Route\SurplusPlace;

/** A run's plug as it is at hand, what the run goes through or with, where its surplus hides, and whether anything goes on it. */
class RunDetailsRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'details' => ['nullable', 'integer'],
            'pins' => ['required_with:shape,colour', 'nullable', 'integer', 'between:1,60'],
            'shape' => ['required_with:pins', 'nullable', 'string', Rule::enum(PlugShape::class)],
            'colour' => ['required_with:pins', 'nullable', 'string', Rule::enum(PlugColour::class)],
            'is_socket' => ['nullable', 'boolean'],
            'is_sealed' => ['nullable', 'boolean'],
            'threaded_with' => ['nullable', 'string', 'max:'.Longest::THREADED_WITH],
            'surplus_at' => ['nullable', 'string', Rule::enum(SurplusPlace::class)],
            'is_unused' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pins.*' => 'Count them: from 1 to 60.', 'shape.required_with' => 'And its outline.',
            'colour.required_with' => 'And its colour.',
        ];
    }

    /** @return array{plug: ?PlugAtHand, threaded_with: ?string, surplus_at: ?SurplusPlace, is_unused: bool} */
    public function details(): array
    {
        $shape = PlugShape::tryFrom($this->string('shape')->value());
        $colour = PlugColour::tryFrom($this->string('colour')->value());

        return [
            'plug' => $shape === null || $colour === null ? null : new PlugAtHand(
                new Plug($this->integer('pins'), $colour, $shape, $this->boolean('is_socket'), $this->boolean('is_sealed')),
            ),
            'threaded_with' => $this->string('threaded_with')->trim()->value() ?: null,
            'surplus_at' => SurplusPlace::tryFrom($this->string('surplus_at')->value()),
            'is_unused' => $this->boolean('is_unused'),
        ];
    }
}

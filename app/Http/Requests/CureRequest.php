<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NeatSpindle\Core\Holding\Around\ObstacleCure;

/** What is done about something in the motor's way. */
class CureRequest extends FormRequest
{
    private const NOT_THERE = 'not-there';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['cure' => ['required', 'string', Rule::in([...array_column(ObstacleCure::cases(), 'value'), self::NOT_THERE])]];
    }

    /** Null takes it off the list. */
    public function cure(): ?ObstacleCure
    {
        return ObstacleCure::tryFrom($this->string('cure')->value());
    }
}

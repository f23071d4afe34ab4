<?php

declare(strict_types=1);

namespace App\Http\Requests;

use function array_filter;
use function array_values;
use function is_string;

/** What of all that a job has to get is here. */
class ArrivalsRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + ['all' => ['nullable', 'boolean'], 'here' => ['nullable', 'array', 'max:400'], 'here.*' => ['string', 'max:32']];
    }

    /** @return ?list<string> marks of what is here; null where all of it is */
    public function here(): ?array
    {
        return $this->boolean('all') ? null : array_values(array_filter((array) $this->input('here', []), is_string(...)));
    }
}

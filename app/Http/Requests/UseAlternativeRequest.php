<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** One of the other ways to build a stack, named by what it costs in line, symmetry and pieces. */
class UseAlternativeRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + ['way' => ['required', 'string', 'max:100']];
    }

    public function way(): string
    {
        return $this->string('way')->value();
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Something sent against the version of a job that the person saw. */
class VersionedRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer', 'min:0']];
    }

    public function seen(): int
    {
        return $this->integer('version');
    }
}

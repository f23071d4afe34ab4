<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Illuminate\Foundation\Http\FormRequest;

/** A choice made for a job, against the version the person saw. */
class JobChangeRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('choose', $this->job()) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer', 'min:0']];
    }

    public function seen(): int
    {
        return $this->integer('version');
    }

    public function job(): Job
    {
        $job = $this->route('job');

        return $job instanceof Job ? $job : abort(404);
    }
}

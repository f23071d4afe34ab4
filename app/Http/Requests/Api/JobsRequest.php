<?php

declare(strict_types=1);

namespace App\Http\Requests\Api;

use App\Models\Job;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which jobs are asked for: those that are open, or all. */
class JobsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['which' => ['nullable', 'string', Rule::in(['open', 'all'])], 'page' => ['nullable', 'integer', 'min:1', 'max:100000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['which.*' => 'Expected open or all.', 'page.*' => 'Pages are numbered from 1.'];
    }

    /** @return Builder<Job> */
    public function jobs(): Builder
    {
        $jobs = Job::query()->orderBy('number');

        return $this->string('which')->value() === 'all' ? $jobs : $jobs->whereNull('ended_at')->whereNull('handed_over_at');
    }

    public function page(): int
    {
        return $this->integer('page', 1);
    }
}

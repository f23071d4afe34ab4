<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Jobs\StartJob;
use App\Documents\Photograph;
use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;

/**
 * @phpstan-import-type Intake from StartJob
 */
class StartJobRequest extends FormRequest
{
    use ReadsPictures;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'customer' => ['required', 'string', 'max:'.Longest::NAME],
            'whose' => ['nullable', 'string', 'regex:/^(new|\d{1,18})$/'],
            'bike' => ['required', 'string', 'max:'.Longest::NAME],
            'kind' => ['required', new Enum(BikeKind::class)],
            'frame_material' => ['required', new Enum(FrameMaterial::class)],
            'promised_on' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:today'],
            'assignee_id' => ['nullable', 'integer', Rule::exists('users', 'id')->where('workshop_id', $this->user()?->workshop_id)
                ->whereNull('shut_out_at')],
            'picture' => ['nullable', ...self::PICTURE],
        ] + ContactRequest::fields();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'customer.required' => 'Whose bike is it? A name is enough.',
            'bike.required' => 'Say which bike it is, as you would call it at the bench.',
            'promised_on.after_or_equal' => 'A promise cannot lie in the past.',
            'promised_on.date_format' => 'Write the date as year-month-day, for example 2027-03-14.',
        ] + self::PICTURE_SAYS + ContactRequest::says();
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [fn (Validator $validator) => $this->readPicture($validator)];
    }

    /** As it came; null where none was sent. */
    public function photograph(): ?Photograph
    {
        return $this->photograph;
    }

    /** Who of those called the same, or somebody new; empty where that was not asked. */
    public function whose(): string
    {
        return $this->string('whose')->value();
    }

    /** @return Intake */
    public function typed(): array
    {
        /** @var Intake */
        return $this->safe()->except(['whose', 'picture']);
    }
}

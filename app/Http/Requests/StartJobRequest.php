<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Customer;
use App\Models\Longest;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;

class StartJobRequest extends FormRequest
{
    /** @var Collection<int, Customer>|null */
    private ?Collection $namesakes = null;

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
            'assignee_id' => ['nullable', 'integer', Rule::exists('users', 'id')->where('workshop_id', $this->user()?->workshop_id)->whereNull('shut_out_at')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'customer.required' => 'Whose bike is it? A name is enough.',
            'bike.required' => 'Say which bike it is, as you would call it at the bench.',
            'promised_on.after_or_equal' => 'A promise cannot lie in the past.',
            'promised_on.date_format' => 'Write the date as year-month-day, for example 2027-03-14.',
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $isSaid = $this->string('whose')->value() === 'new' || $this->namesakes()->contains('id', $this->integer('whose'));
            if ($validator->errors()->isEmpty() && ! $isSaid && $this->namesakes()->isNotEmpty()) {
                $validator->errors()->add('whose', 'Somebody of this name is known here. Is it them, or somebody else of the same name?');
            }
        });
    }

    /** @return Collection<int, Customer> those who are called the same, however it is written */
    public function namesakes(): Collection
    {
        return $this->namesakes ??= Customer::named($this->string('customer')->value(), (int) $this->user()?->workshop_id);
    }

    /** Somebody known here, chosen; null for somebody new. */
    public function known(): ?Customer
    {
        return $this->namesakes()->firstWhere('id', $this->integer('whose'));
    }

    /** @return array{customer: string, bike: string, kind: string, frame_material: string, promised_on?: ?string, assignee_id?: int|string|null} */
    public function typed(): array
    {
        /** @var array{customer: string, bike: string, kind: string, frame_material: string, promised_on?: ?string, assignee_id?: int|string|null} */
        return $this->safe()->except('whose');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\Role;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A person's name and role. */
class PersonRequest extends FormRequest
{
    /** What is wrong is said beside this person, not beside the one being invited. */
    protected function prepareForValidation(): void
    {
        $user = $this->route('user');
        $this->errorBag = 'person-'.($user instanceof User ? $user->id : '');
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:'.Longest::NAME], 'role' => ['required', 'string', Rule::enum(Role::class)],
            'seen_name' => ['nullable', 'string', 'max:'.Longest::NAME], 'seen_role' => ['nullable', 'string', 'max:'.Longest::STEP],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'What is the person called?', 'role.*' => 'Choose a role.'];
    }

    /** @return array{name: string, role: string} what stood on the page */
    public function seen(): array
    {
        return ['name' => $this->string('seen_name')->value(), 'role' => $this->string('seen_role')->value()];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->value();
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->value());
    }
}

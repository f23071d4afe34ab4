<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;

/** Keeps a stack's pieces for its job, takes them out of the drawer, or gives them back. */
class ReserveRequest extends JobChangeRequest
{
    public const RESERVE = 'reserve';

    public const TAKE = 'take';

    public const GIVE_BACK = 'give_back';

    public function rules(): array
    {
        return parent::rules() + ['does' => ['required', Rule::in([self::RESERVE, self::TAKE, self::GIVE_BACK])]];
    }

    public function does(): string
    {
        return $this->string('does')->value();
    }
}

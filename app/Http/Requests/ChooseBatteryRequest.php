<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Validation\Rule;
use NeatSpindle\Core\Fitting\Battery\PackSite;

use function is_string;

/** Which battery goes where; no battery takes the choice back. */
class ChooseBatteryRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'pack' => ['nullable', 'string', 'max:'.Longest::CODE],
            'site' => ['required_with:pack', 'nullable', 'string', Rule::enum(PackSite::class)],
        ];
    }

    /** A button of the comparison says both at once: the place's code, a blank, the battery's code. */
    protected function prepareForValidation(): void
    {
        $take = $this->input('take');
        if (is_string($take) && str_contains($take, ' ')) {
            [$site, $pack] = explode(' ', $take, 2);
            $this->merge(['site' => $site, 'pack' => $pack]);
        }
    }

    public function pack(): ?string
    {
        return $this->string('pack')->value() ?: null;
    }

    public function site(): ?PackSite
    {
        return PackSite::tryFrom($this->string('site')->value());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\JobSheet;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Order\Alternative;

/** One of the other ways to build a stack, named by what it costs in line, symmetry and pieces. */
class UseAlternativeRequest extends JobChangeRequest
{
    private ?Alternative $chosen = null;

    public function rules(): array
    {
        return parent::rules() + ['way' => ['required', 'string', 'max:100']];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $ways = $validator->errors()->isEmpty() ? JobSheet::open($this->job())->alternatives() : [];
            foreach ($ways as $way) {
                $this->chosen = $way->key() === $this->string('way')->value() ? $way : $this->chosen;
            }
            if ($this->chosen === null) {
                $validator->errors()->add('way', 'This way to build it is no longer open: the readings or the drawer have changed. Look again.');
            }
        }];
    }

    /** @return array<string, list<float>> in mm by place */
    public function pieces(): array
    {
        return $this->chosen?->pieces() ?? abort(422);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;

/** An owner answers for what a job goes without, and says why. */
class AnswerForRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'lack' => ['required', 'string', 'max:30'],
            'mark' => ['required', 'string', 'max:40'],
            $this->reasonAt() => ['required', 'string', 'max:'.Longest::REASON_BESIDE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            "{$this->reasonAt()}.required" => 'Say why it may leave so: name and reason stay on the hand-over sheet.',
            "{$this->reasonAt()}.max" => 'In at most 250 characters.',
        ];
    }

    public function lack(): string
    {
        return $this->string('lack')->value();
    }

    /** Of what was wanting when the person looked. */
    public function mark(): string
    {
        return $this->string('mark')->value();
    }

    public function reason(): string
    {
        return $this->string($this->reasonAt())->trim()->value();
    }

    /** Each lack's form has a reason of its own, so that a message stands at it. */
    private function reasonAt(): string
    {
        return 'why.'.preg_replace('/[^a-z0-9-]/', '', $this->string('lack')->value());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;

class ChooseMotorRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'motor_id' => ['required', 'integer'],
            'insert_id' => ['nullable', 'integer'],
            'ring_id' => ['nullable', 'integer'],
            'mounting' => ['nullable', 'string', 'max:'.Longest::CODE],
        ];
    }

    public function motorId(): int
    {
        return $this->integer('motor_id');
    }

    /** The ring chosen with it; null where the one that is chosen stays. */
    public function ringId(): ?int
    {
        return $this->filled('ring_id') ? $this->integer('ring_id') : null;
    }

    public function mounting(): string
    {
        return $this->string('mounting')->value();
    }

    public function insertId(): ?int
    {
        return $this->filled('insert_id') ? $this->integer('insert_id') : null;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

class ChooseMotorRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + ['motor_id' => ['required', 'integer'], 'insert_id' => ['nullable', 'integer']];
    }

    public function motorId(): int
    {
        return $this->integer('motor_id');
    }

    public function insertId(): ?int
    {
        return $this->filled('insert_id') ? $this->integer('insert_id') : null;
    }
}

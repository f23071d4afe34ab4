<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;

class ChooseMotorRequest extends JobChangeRequest
{
    public function rules(): array
    {
        $workshop = $this->job()->workshop_id;

        return parent::rules() + [
            'motor_id' => ['required', Rule::exists('motors', 'id')->where('workshop_id', $workshop)],
            'insert_id' => ['nullable', Rule::exists('inserts', 'id')->where('workshop_id', $workshop)],
        ];
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

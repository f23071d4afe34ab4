<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Workshop;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Workshop> */
class WorkshopFactory extends Factory
{
    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'name' => 'Yard '.fake()->unique()->numberBetween(1, 1_000_000),
            'place' => 'Nowhere',
        ];
    }
}

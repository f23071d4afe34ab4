<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Spacer;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Factories\Factory;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

/** @extends Factory<Spacer> */
class SpacerFactory extends Factory
{
    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'workshop_id' => Workshop::factory(),
            'thickness_mm' => fake()->unique()->numberBetween(1, 5_000) / 100,
            'uses' => [SpacerUse::Drive],
            'quantity' => 4,
        ];
    }
}

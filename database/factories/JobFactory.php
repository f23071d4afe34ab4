<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Bike;
use App\Models\Customer;
use App\Models\Job;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Job> */
class JobFactory extends Factory
{
    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'workshop_id' => Workshop::factory(),
            'bike_id' => fn (array $job) => Bike::factory()->for(Customer::factory()->create(['workshop_id' => $job['workshop_id']])),
            'number' => fake()->unique()->numberBetween(1_000, 1_000_000),
            'next_step' => 'Walk round the bike and measure',
        ];
    }
}

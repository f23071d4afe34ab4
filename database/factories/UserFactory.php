<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<User> */
class UserFactory extends Factory
{
    public const PASSWORD = 'bench-test';

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'workshop_id' => Workshop::factory(),
            'name' => 'Tester '.fake()->unique()->numberBetween(1, 1_000_000),
            'email' => fake()->unique()->numerify('tester-########@test.example'),
            'password' => self::PASSWORD,
            'role' => Role::Owner,
        ];
    }

    public function in(Workshop $workshop, Role $role): static
    {
        return $this->for($workshop)->state(['role' => $role, 'name' => ucfirst($role->value).' Tester']);
    }
}

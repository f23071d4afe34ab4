<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Bike;
use App\Models\Customer;
use Illuminate\Database\Eloquent\Factories\Factory;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;

/** @extends Factory<Bike> */
class BikeFactory extends Factory
{
    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'customer_id' => Customer::factory(),
            'label' => 'Grey hardtail',
            'kind' => BikeKind::Diamond,
            'frame_material' => FrameMaterial::Aluminium,
        ];
    }
}

<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Kitchen;
use App\Models\Teacher;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * Somebody who teaches in a kitchen.
 *
 * @extends Factory<Teacher>
 */
final class TeacherFactory extends Factory
{
    protected $model = Teacher::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'kitchen_id' => Kitchen::factory(), 'name' => 'Teacher '.$this->faker->unique()->numberBetween(1, 99999),
            'email' => $this->faker->unique()->numberBetween(1, 99999).'@school.example', 'password' => 'flour-and-water',
        ];
    }
}

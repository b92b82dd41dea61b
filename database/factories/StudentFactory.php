<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Section;
use App\Models\Student;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A student of a class, at no station yet.
 *
 * @extends Factory<Student>
 */
final class StudentFactory extends Factory
{
    protected $model = Student::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'section_id' => Section::factory(), 'station_id' => null, 'name' => 'Oona',
            'roster_number' => $this->faker->unique()->numberBetween(1, 999),
        ];
    }
}

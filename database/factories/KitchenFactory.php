<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Kitchen;
use App\Models\School;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A school kitchen, with nothing in it.
 *
 * @extends Factory<Kitchen>
 */
final class KitchenFactory extends Factory
{
    protected $model = Kitchen::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'school_id' => School::factory(), 'name' => 'Kitchen '.$this->faker->unique()->numberBetween(1, 99999),
        ];
    }

    /** With cups and spoons of two each, a jug, a scale that was checked and a coarse one. */
    public function equipped(): self
    {
        return $this->afterCreating(static function (Kitchen $kitchen): void {
            foreach ([
                'dry-cup-us-1', 'dry-cup-us-1-2', 'dry-cup-us-1-4', 'spoon-us-1-tsp', 'spoon-us-1-2-tsp', 'liquid-measure-us-1-cup',
            ] as $tool) {
                $kitchen->tools()->create(['catalogue_id' => $tool, 'count' => 2]);
            }
            $kitchen->scales()->createMany([
                ['name' => 'Bench', 'catalogue_id' => 'scale-1g-5kg', 'calibration_g' => 0, 'checked_on' => '2026-11-01'],
                ['name' => 'Coarse', 'catalogue_id' => 'scale-2g-5kg'],
            ]);
        });
    }
}

<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Classes\Code;
use App\Models\Kitchen;
use App\Models\Section;
use App\Models\Teacher;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A class of a teacher, practised, with a US cup.
 *
 * @extends Factory<Section>
 */
final class SectionFactory extends Factory
{
    protected $model = Section::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'kitchen_id' => Kitchen::factory(),
            'teacher_id' => static fn (array $made) => Teacher::factory()->create(['kitchen_id' => $made['kitchen_id']])->id,
            'name' => 'Foods 1', 'code' => Code::ofClass(), 'open_to_join' => true, 'tolerance_level' => 'practised',
            'standard' => 'us_customary',
            'shows_target' => false, 'asks_guess' => false, 'methods' => ['stir-spoon-level'], 'starts_at' => '10:05', 'ends_at' => '10:52',
        ];
    }
}

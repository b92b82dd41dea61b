<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Classes\Code;
use App\Models\Section;
use App\Models\Station;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A station of a class.
 *
 * @extends Factory<Station>
 */
final class StationFactory extends Factory
{
    protected $model = Station::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['section_id' => Section::factory(), 'name' => 'Hazel', 'position' => 1, 'code' => Code::ofStation()];
    }
}

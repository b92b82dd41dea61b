<?php

declare(strict_types=1);

namespace App\Classes;

use App\Models\Section;
use Illuminate\Support\Facades\DB;

/** Goes on with a class: its settings and stations, new codes, nobody in it; the old one is put away. */
final class NextYear
{
    public static function of(Section $section, string $name): Section
    {
        return DB::transaction(static function () use ($section, $name): Section {
            $next = $section->replicate(['archived_at', 'kept'])->fill(
                ['name' => $name, 'code' => Code::ofClass(), 'open_to_join' => true],
            );
            $next->save();
            foreach ($section->stations as $station) {
                $next->stations()->create([
                    'name' => $station->name, 'position' => $station->position, 'bowl_g' => $station->bowl_g, 'code' => Code::ofStation(),
                ]);
            }
            $section->putAway();

            return $next;
        });
    }
}

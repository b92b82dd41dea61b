<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Classes\Code;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\SectionImportRequest;
use App\Http\Views\Classes\ImportedClasses;
use App\Models\Section;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\DB;

final class SectionImportController extends Controller
{
    /** Take in classes from a OneRoster classes.csv; those that are there already stay as they are. */
    public function store(SectionImportRequest $request, #[CurrentUser('teacher')] Teacher $teacher): ImportedClasses
    {
        $there = $teacher->running()->pluck('name')->all();
        $made = array_values(array_filter($request->titles(), static fn (string $title): bool => ! in_array($title, $there, true)));
        DB::transaction(function () use ($made, $teacher): void {
            foreach ($made as $title) {
                Section::query()->create([
                    'name' => $title, 'starts_at' => '08:00', 'ends_at' => '08:47',
                    'kitchen_id' => $teacher->kitchen_id, 'teacher_id' => $teacher->id, 'code' => Code::ofClass(), 'methods' => [],
                    'standard' => $teacher->kitchen->school->standard,
                ]);
            }
        });

        return new ImportedClasses($made);
    }
}

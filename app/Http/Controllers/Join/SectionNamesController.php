<?php

declare(strict_types=1);

namespace App\Http\Controllers\Join;

use App\Http\Controllers\Controller;
use App\Http\Views\Join\SectionNames;
use App\Models\Section;
use Illuminate\Validation\ValidationException;

final class SectionNamesController extends Controller
{
    /** The names of a class that is open to join. */
    public function show(string $code): SectionNames
    {
        return SectionNames::of(self::open($code)->load('students.station'));
    }

    /** @throws ValidationException when there is none, or it is not open to join */
    public static function open(string $code): Section
    {
        $section = Section::query()->where('code', strtoupper(trim($code)))->first();
        if ($section === null || ! $section->open_to_join) {
            throw ValidationException::withMessages(['code' => [__($section === null ? 'refusals.no_such_class' : 'refusals.class_shut')]]);
        }

        return $section;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Join;

use App\Classes\Code;
use App\Http\Controllers\Controller;
use App\Http\Views\Join\SectionNames;
use App\Models\Section;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Validation\ValidationException;

final class SectionNamesController extends Controller
{
    /** The names of a class that is open to join. */
    public function show(string $code): SectionNames
    {
        return SectionNames::of(self::open($code)->load('students.station.home'));
    }

    /** @throws ValidationException when there is none, or it is not open to join */
    public static function open(string $code): Section
    {
        $section = Section::query()->where('code', Code::tidy($code))->first();
        if ($section === null || ! $section->open_to_join) {
            throw InvalidInput::because('code', Phrase::of($section === null ? 'refusal.no-such-class' : 'refusal.class-shut'));
        }

        return $section;
    }
}

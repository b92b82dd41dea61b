<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Auth\Pin;
use App\Http\Controllers\Controller;
use App\Http\Views\Classes\NewPin;
use App\Models\Section;
use App\Models\Student;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;

final class PinSlipsController extends Controller
{
    /**
     * A PIN for everybody who has none yet, to be handed out on slips; told this once.
     *
     * @return list<NewPin>
     */
    public function store(Section $section, #[CurrentUser('teacher')] Teacher $teacher): array
    {
        $made = $section->students->whereNull('pin')->map(static function (Student $student): NewPin {
            $pin = Pin::draw();
            $student->update(['pin' => Pin::hash($pin)]);

            return new NewPin($student->name, $pin);
        });
        if ($made->isNotEmpty()) {
            AdultLog::tell($teacher, Act::MadePins, ['class' => $section->name]);
        }

        return array_values($made->all());
    }
}

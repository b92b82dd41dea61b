<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Models\Student;
use App\Practice\AskTheClass;
use App\Practice\PracticeOf;

final readonly class MyClassQuestion extends View
{
    /**
     * @param  int  $section_id  to listen for the next one
     */
    public function __construct(
        public int $section_id,
        public ?AskedOfMe $asked,
    ) {
    }

    public static function of(Student $student): self
    {
        $asked = AskTheClass::now($student->section);

        return new self($student->section_id, $asked === null ? null : AskedOfMe::of($asked, new PracticeOf($student)));
    }
}

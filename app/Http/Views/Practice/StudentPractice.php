<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Models\Student;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Practice\Boxes;

final readonly class StudentPractice extends View
{
    /** @param  list<SkillShown>  $skills  in the order of the page's own */
    public function __construct(
        public int $id,
        public string $name,
        public int $answered,
        public bool $ready,
        public array $skills,
    ) {
    }

    /**
     * @param  array{student: Student, answered: int, ready: bool, boxes: Boxes}  $one
     * @param  list<non-empty-list<Aim>>  $needed
     */
    public static function of(array $one, array $needed): self
    {
        $student = $one['student'];

        return new self(
            $student->id, $student->name, $one['answered'], $one['ready'],
            array_map(static fn (array $aims): SkillShown => SkillShown::of($aims, $one['boxes']), $needed),
        );
    }
}

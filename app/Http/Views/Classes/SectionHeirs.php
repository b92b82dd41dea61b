<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;
use App\Models\Section;
use App\Models\Teacher;
use App\School\AdultRole;
use Illuminate\Database\Eloquent\Builder;

/** Who could have a class instead of its teacher. */
final readonly class SectionHeirs extends View
{
    /** @param  list<Heir>  $teachers */
    public function __construct(
        public string $owner,
        public array $teachers,
    ) {
    }

    public static function of(Section $section): self
    {
        return new self($section->teacher->name, array_values(
            self::query($section)->get()->map(fn (Teacher $one): Heir => new Heir($one->id, $one->name))->all(),
        ));
    }

    /** @return Builder<Teacher> */
    public static function query(Section $section): Builder
    {
        return Teacher::query()->where('kitchen_id', $section->kitchen_id)->whereKeyNot($section->teacher_id)
            ->where('role', '<>', AdultRole::Aide)->where('deactivated_at', null)->oldest('name');
    }
}

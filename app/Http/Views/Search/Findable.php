<?php

declare(strict_types=1);

namespace App\Http\Views\Search;

use App\Http\Views\View;
use App\Models\Lab;
use App\Models\Recipe;
use App\Models\Section;
use App\Models\Student;
use App\Models\Teacher;
use App\Words\Said;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Recipe\FoodNames;
use Hovik\Core\Words\Phrase;

/** Something that can be found by its name, and where it is. */
final readonly class Findable extends View
{
    /**
     * @param  list<string>  $also  other names that lead to it
     * @param  string|null  $of  the class it belongs to
     * @param  string|null  $day  of a lab
     * @param  string  $to  the screen's address
     */
    public function __construct(
        public FindableKind $kind,
        public string $name,
        public array $also,
        public ?string $of,
        public ?string $day,
        public string $to,
    ) {
    }

    /** @return list<self> the newest labs first, names by the alphabet */
    public static function all(Teacher $teacher): array
    {
        $sections = $teacher->running()->load(['students', 'labs' => static fn ($labs) => $labs->getQuery()->whereNull('archived_at')]);
        $recipes = $teacher->kitchen->recipes->whereNull('archived_at')->sortBy('title');
        $pantry = $teacher->kitchen->pantry();
        $called = FoodNames::everyLanguage($pantry);

        return [
            ...$sections->flatMap(static fn (Section $one): array => $one->labs->map(static fn (Lab $lab): self => new self(
                FindableKind::Lab, $lab->title, [], $one->name, $lab->planned_for->toDateString(),
                $lab->state === LabState::Prepared ? "/labs/$lab->id/prepare" : "/labs/$lab->id",
            ))->all())->all(),
            ...$recipes->map(static fn (Recipe $one): self => new self(
                FindableKind::Recipe, $one->title, [], null, null, "/recipes/$one->id",
            ))->all(),
            ...$sections->flatMap(static fn (Section $one): array => $one->students->map(static fn (Student $student): self => new self(
                FindableKind::Student, $student->name, [], $one->name, null, "/class/$one->id#student-$student->id",
            ))->all())->all(),
            ...array_map(static fn (string $id): self => new self(
                FindableKind::Food, Said::ingredient($id), $called[$id], null, null, "/pantry?food=$id",
            ), $pantry->ids()),
            ...array_map(static fn (Family $family): self => new self(
                FindableKind::Technique, Said::phrase(Phrase::of("family.$family->value")), [], null, null,
                "/practise/techniques/$family->value",
            ), Family::cases()),
        ];
    }
}

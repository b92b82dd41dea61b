<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Models\Lab;
use App\Models\Student;
use App\Models\Weighing;
use Hovik\Core\Lab\LabState;

/** A student who has weighed nothing in a lab that is over, or makes it up now. */
final readonly class Owes extends View
{
    public function __construct(
        public int $id,
        public string $name,
        public bool $makes_up,
    ) {
    }

    /** @return list<self> none while the lab is not over */
    public static function all(Lab $lab): array
    {
        if ($lab->state !== LabState::Closed) {
            return [];
        }
        $weighed = Weighing::query()->whereIn('lab_line_id', $lab->lines()->select('id'))->distinct()->pluck('student_id')->all();

        return array_values($lab->section->students()->with('station')->get()
            ->map(static fn (Student $one): self => new self($one->id, $one->name, $one->station?->makes_up_lab_id === $lab->id))
            ->filter(static fn (self $one): bool => $one->makes_up || ! in_array($one->id, $weighed, true))->all());
    }
}

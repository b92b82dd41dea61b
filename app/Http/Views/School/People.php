<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;
use App\Models\School;
use App\Models\Slip;
use App\Models\Teacher;
use App\School\SignedIn;
use App\School\SlipBox;
use Illuminate\Support\Collection;

/** The adults of a school. */
final readonly class People extends View
{
    /**
     * @param  list<PersonRow>  $people
     * @param  list<SlipRow>  $slips  that work yet
     * @param  bool  $can_mail  a mail server is set
     */
    public function __construct(
        public array $people,
        public array $slips,
        public bool $can_mail,
    ) {
    }

    public static function of(School $school): self
    {
        $people = $school->adults()->with('kitchen')->oldest('name')->get();
        $classes = $school->sections()->where('archived_at', null)->oldest('starts_at')->get()->groupBy('teacher_id');
        $in = SignedIn::teachers($people->modelKeys());

        return new self(
            array_values($people->map(fn (Teacher $one): PersonRow => new PersonRow(
                $one->id, $one->name, $one->email, $one->role, $one->kitchen_id, $one->kitchen->name, $one->mayBeIn(),
                count($in[$one->id] ?? []), ($in[$one->id] ?? [])[0] ?? null,
                array_values(array_map(strval(...), ($classes->get($one->id) ?? new Collection)->pluck('name')->all())),
            ))->all()),
            array_values(Slip::ofSchool($school)->map(fn (Slip $slip): SlipRow => new SlipRow(
                $slip->id, $slip->name, $slip->email, $slip->role, $slip->ends_at->toJSON(), $slip->teacher_id === null,
            ))->all()),
            app(SlipBox::class)->canMail(),
        );
    }
}

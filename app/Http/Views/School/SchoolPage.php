<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;
use App\Models\Kitchen;
use App\Models\School;
use App\School\Spelling;
use Hovik\Core\Quantity\MeasureStandard;

/** What holds for a whole school. */
final readonly class SchoolPage extends View
{
    /**
     * @param  'en'|'es'  $language
     * @param  'device'|'point'|'comma'  $decimal_sign
     * @param  string  $year_ends  month and day, `06-30`
     * @param  bool  $photos  stations may take pictures of what they measured
     * @param  int|null  $kept_years  full years after a year's end before its classes are erased; null: until somebody erases
     * @param  list<SchoolKitchen>  $kitchens
     */
    public function __construct(
        public string $name,
        public string $time_zone,
        public string $language,
        public Spelling $spelling,
        public string $decimal_sign,
        public MeasureStandard $standard,
        public string $year_ends,
        public ?int $kept_years,
        public bool $photos,
        public array $kitchens,
    ) {
    }

    public static function of(School $school): self
    {
        return new self(
            $school->name, $school->time_zone, $school->language, $school->spelling, $school->decimal_sign, $school->standard,
            $school->year_ends, $school->kept_years, $school->photos,
            array_values($school->kitchens()->get()->map(
                fn (Kitchen $one): SchoolKitchen => new SchoolKitchen($one->id, $one->name),
            )->all()),
        );
    }
}

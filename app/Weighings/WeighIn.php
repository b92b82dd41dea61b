<?php

declare(strict_types=1);

namespace App\Weighings;

use App\Models\LabLine;
use App\Models\Scale;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Weighing;
use Hovik\Core\Lab\OtherWay;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\CupOnScale;
use Hovik\Core\Weighing\ReadingSource;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Verdict;
use Illuminate\Database\Eloquent\Collection;

/** One weigh-in, ready to be judged and stored. */
final readonly class WeighIn
{
    /**
     * @param  string  $id  ULID made on the device
     * @param  ScaleReading  $reading  for one measure
     * @param  list<Step>  $ticked
     * @param  Verdict|null  $predicted  by the student
     * @param  int  $together  how many level measures lay on the scale
     * @param  list<CupOnScale>  $cups  weighed with the food in them; none where it was tipped into a bowl
     * @param  int|null  $leftOut  fills or pieces said not done; null where nobody counted
     * @param  OtherWay|null  $way  by which it was measured; null: the usual one
     * @param  string|null  $correctsId  the wrong entry that it stands for
     * @param  Teacher|null  $correctedBy  who put it right
     * @param  Collection<int, Weighing>|null  $earlier  the station's of this line, as a moment ago; null: to be read
     */
    public function __construct(
        public string $id,
        public LabLine $line,
        public Station $station,
        public Student $student,
        public Scale $scale,
        public ScaleReading $reading,
        public array $ticked = [],
        public ReadingSource $source = ReadingSource::Typed,
        public ?Verdict $predicted = null,
        public int $together = 1,
        public array $cups = [],
        public ?int $leftOut = null,
        public ?OtherWay $way = null,
        public ?string $correctsId = null,
        public ?Teacher $correctedBy = null,
        public ?Collection $earlier = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Practice\Answered;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Safety\SafetyPoint;
use Illuminate\Support\Carbon;

/**
 * One answer in practice; only ever added.
 *
 * @property int $id
 * @property int $student_id
 * @property int|null $class_question_id  asked of the whole class
 * @property int $turn
 * @property Skill $skill
 * @property string|null $about  a family of food, or a safety point
 * @property int $level
 * @property int $seed
 * @property mixed $answer
 * @property bool $is_right
 * @property string|null $misconception
 * @property Carbon $day
 */
final class PracticeAnswer extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'practice_answers';

    protected $guarded = [];

    protected $casts = ['skill' => Skill::class, 'answer' => 'json', 'is_right' => 'boolean', 'day' => 'date'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    public function toCore(): Answered
    {
        return new Answered(
            $this->skill, $this->about === null ? null : Family::tryFrom($this->about) ?? SafetyPoint::tryFrom($this->about),
            $this->is_right, self::dayNumber($this->day),
        );
    }

    public function marked(): Marked
    {
        return new Marked($this->is_right, $this->misconception);
    }

    /** Days, counted from a fixed one. */
    public static function dayNumber(Carbon $day): int
    {
        return (int) Carbon::parse('2026-01-01')->diffInDays(Carbon::parse($day->toDateString()), true);
    }
}

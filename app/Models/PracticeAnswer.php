<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Practice\Answered;
use Hovik\Core\Practice\Skill;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One answer in practice; only ever added.
 *
 * @property int $id
 * @property int $student_id
 * @property int $turn
 * @property Skill $skill
 * @property Family|null $family
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

    protected $guarded = [];

    protected $casts = ['skill' => Skill::class, 'family' => Family::class, 'answer' => 'json', 'is_right' => 'boolean', 'day' => 'date'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    public function toCore(): Answered
    {
        return new Answered($this->skill, $this->family, $this->is_right, self::dayNumber($this->day));
    }

    /** Days, counted from a fixed one. */
    public static function dayNumber(Carbon $day): int
    {
        return (int) Carbon::parse('2026-01-01')->diffInDays(Carbon::parse($day->toDateString()), true);
    }
}

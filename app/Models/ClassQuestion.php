<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Practice\JugView;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Unit;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A question asked of a whole class at once; made again from its skill, seed and level.
 *
 * @property int $id
 * @property int $section_id
 * @property Skill $skill
 * @property int $level
 * @property int $seed
 * @property Unit|null $jug_column  which column of a jug is asked about; null by its level
 * @property key-of<JugView::EYES>|null $jug_eye  where the eye begins; null by chance
 * @property Carbon|null $shown_at
 * @property Carbon|null $ended_at
 * @property-read Section $section
 * @property-read Collection<int, PracticeAnswer> $answers
 */
final class ClassQuestion extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'class_questions';

    protected $guarded = [];

    protected $casts = ['skill' => Skill::class, 'jug_column' => Unit::class, 'shown_at' => 'datetime', 'ended_at' => 'datetime'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<Section, $this> */
    public function section(): BelongsTo
    {
        return $this->belongsTo(Section::class);
    }

    /** @return HasMany<PracticeAnswer, $this> */
    public function answers(): HasMany
    {
        return $this->hasMany(PracticeAnswer::class);
    }

    public function question(): Question
    {
        return Quiz::question($this->skill, $this->seed, $this->section->practiceSetting($this->level)->reading($this->jug()));
    }

    private function jug(): JugView
    {
        return new JugView($this->jug_column, $this->jug_eye);
    }
}

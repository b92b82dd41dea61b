<?php

declare(strict_types=1);

namespace App\Practice;

use App\Live\Live;
use App\Models\ClassQuestion;
use App\Models\Section;
use Hovik\Core\Practice\JugView;
use Hovik\Core\Practice\Skill;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** Puts one question on all devices of a class, shows its answer there, and takes it away. One at a time. */
final class AskTheClass
{
    public static function ask(Section $section, Skill $skill, int $level, int $seed, JugView $jug = new JugView): ClassQuestion
    {
        $asked = DB::transaction(function () use ($section, $skill, $level, $seed, $jug): ClassQuestion {
            Section::query()->whereKey($section->id)->lockForUpdate()->value('id'); // two teachers at once: the later question stays
            self::open($section)->update(['ended_at' => now()]);

            return $section->classQuestions()->create([
                'skill' => $skill, 'level' => $level, 'seed' => $seed, 'jug_column' => $jug->column, 'jug_eye' => $jug->eye,
            ]);
        });
        Live::tellClass($section, 'asked');

        return $asked;
    }

    public static function show(ClassQuestion $asked): void
    {
        $asked->update(['shown_at' => $asked->shown_at ?? now()]);
        Live::tellClass($asked->section, 'shown');
    }

    public static function end(Section $section): void
    {
        self::open($section)->update(['ended_at' => now()]);
        Live::tellClass($section, 'ended');
    }

    /** What is being asked now. A question that was left standing is gone the next day. */
    public static function now(Section $section): ?ClassQuestion
    {
        return self::open($section)->where(
            'created_at', '>=', now($section->kitchen->school->time_zone)->startOfDay()->utc(),
        )->latest('id')->first();
    }

    /** @return Builder<ClassQuestion> */
    private static function open(Section $section): Builder
    {
        return ClassQuestion::query()->where(['section_id' => $section->id, 'ended_at' => null]);
    }
}

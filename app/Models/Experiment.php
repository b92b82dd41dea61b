<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStoredList;
use Hovik\Core\InvalidInput;
use Hovik\Core\Standard\Arm;
use Hovik\Core\Standard\TechniqueComparison;
use Hovik\Core\Statistics\Sample;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A class compares two or more ways of filling, tools, or kinds of one food.
 *
 * @property int $id
 * @property int $section_id
 * @property string $title
 * @property string $ingredient_id
 * @property string $catalogue_id  the tool that is filled
 * @property list<Arm> $arms
 * @property bool $by_all  every student does each; else each does one
 * @property array<int, list<string>> $dealt  arms in order, by student id
 * @property 'prepared'|'open'|'shown' $state
 * @property Carbon|null $created_at
 * @property-read Section $section
 * @property-read Collection<int, ExperimentWeighing> $weighings
 */
final class Experiment extends Model
{
    protected $table = 'experiments';

    protected $guarded = [];

    protected $casts = ['arms' => AsStoredList::class.':'.Arm::class, 'by_all' => 'boolean', 'dealt' => 'array'];

    protected $attributes = ['dealt' => '[]'];

    /** @return BelongsTo<Section, $this> */
    public function section(): BelongsTo
    {
        return $this->belongsTo(Section::class);
    }

    /** @return HasMany<ExperimentWeighing, $this> */
    public function weighings(): HasMany
    {
        return $this->hasMany(ExperimentWeighing::class)->orderBy('created_at');
    }

    public function nameOf(string $arm): string
    {
        return array_column($this->arms, 'name', 'id')[$arm] ?? $arm;
    }

    /** @return array<int, array<string, float>> g by arm, by student id; arms in their own order */
    public function byStudent(): array
    {
        $order = array_column($this->arms, 'id');
        $grams = [];
        foreach ($this->weighings as $one) {
            $grams[$one->student_id][$one->arm] = (float) $one->grams;
        }

        return array_map(static function (array $of) use ($order): array {
            uksort($of, static fn (string $a, string $b): int => array_search($a, $order, true) <=> array_search($b, $order, true));

            return $of;
        }, $grams);
    }

    /** What its weighings say, by the arms' names; null while there are too few. */
    public function comparison(): ?TechniqueComparison
    {
        $byStudent = $this->byStudent();
        $named = fn (array $of): array => array_combine(array_map($this->nameOf(...), array_keys($of)), array_values($of));
        try {
            if ($this->by_all) {
                return TechniqueComparison::byTheSameHands(array_map($named, array_values($byStudent)));
            }
            $groups = [];
            foreach ($this->arms as $arm) {
                $of = array_column($byStudent, $arm->id);
                if ($of !== []) {
                    $groups[$arm->name] = Sample::of($of, "groups.$arm->name");
                }
            }

            return TechniqueComparison::of($groups);
        } catch (InvalidInput) {
            return null;
        }
    }
}

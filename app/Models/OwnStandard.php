<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStoredList;
use Hovik\Core\Drawer\Tool as MeasuringTool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Standard\OwnStandard as Found;
use Hovik\Core\Standard\Trial;
use Hovik\Core\Statistics\Sample;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Trials of what a kitchen's own food weighs: by handling and by bag. Adopted, their mean is the kitchen's weight of it ({@see OwnWeight}).
 *
 * @property int $id
 * @property int $kitchen_id
 * @property int $teacher_id
 * @property string $ingredient_id
 * @property Handling $handling
 * @property int|null $bag_id
 * @property string $catalogue_id
 * @property int|null $named_tool_id
 * @property int|null $scale_id
 * @property list<Trial> $trials
 * @property string|null $packet_g  g a US cup by the packet's serving
 * @property Carbon|null $adopted_at
 * @property Carbon|null $ended_at
 * @property-read NamedTool|null $namedTool
 * @property-read Bag|null $bag
 * @property-read Teacher $teacher
 */
final class OwnStandard extends Model
{
    protected $table = 'own_standards';

    protected $guarded = [];

    protected $casts = [
        'trials' => AsStoredList::class.':'.Trial::class, 'handling' => Handling::class, 'adopted_at' => 'datetime',
        'ended_at' => 'datetime',
    ];

    /** @return BelongsTo<NamedTool, $this> */
    public function namedTool(): BelongsTo
    {
        return $this->belongsTo(NamedTool::class);
    }

    /** @return BelongsTo<Bag, $this> */
    public function bag(): BelongsTo
    {
        return $this->belongsTo(Bag::class);
    }

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }

    /** The tool that was filled, at its true size where it was checked. */
    public function tool(): MeasuringTool
    {
        $kind = ToolCatalogue::tool($this->catalogue_id, MeasureStandard::UsCustomary);

        return $this->namedTool === null ? $kind : $kind->known($this->namedTool->toCore());
    }

    /**
     * What its trials say; null while there are too few.
     *
     * @param  list<int>|null  $leftOut  by place; null: as it was decided
     */
    public function found(?array $leftOut = null): ?Found
    {
        $leftOut ??= array_keys(array_filter($this->trials, static fn (Trial $one): bool => $one->isLeftOut));
        try {
            return Found::ofTool(
                Sample::of(array_map(static fn (Trial $one): float => $one->grams, $this->trials), 'trials'), $this->tool(), $leftOut,
            );
        } catch (InvalidInput) {
            return null;
        }
    }
}

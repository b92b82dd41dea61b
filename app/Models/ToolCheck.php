<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStored;
use App\Checks\ToolCheckState;
use Hovik\Core\Calibration\Inspection;
use Hovik\Core\Calibration\ToolVerdict;
use Hovik\Core\Calibration\VolumeCheck;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Tool as MeasuringTool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Quantity\MeasureStandard;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/**
 * Water weighed in a tool, by a student or a teacher; what it found is shown as it was stored. Its id is a ULID made on the device.
 *
 * @property string $id
 * @property int $kitchen_id
 * @property int|null $named_tool_id  once it was accepted
 * @property string $catalogue_id
 * @property string $name  that the tool has, or shall have
 * @property string|null $place
 * @property string $mark  as lettered; none: the rim
 * @property VolumeCheck $measured
 * @property Collection<int, Inspection> $faults
 * @property string $true_ml
 * @property string $deviation_pct
 * @property string $u_pct
 * @property ToolVerdict $verdict
 * @property ToolCheckState $state
 * @property int|null $teacher_id
 * @property int|null $student_id
 * @property int|null $lab_id
 * @property int $scale_id
 * @property Carbon $day
 * @property-read Kitchen $kitchen
 * @property-read Student|null $student
 * @property-read Teacher|null $teacher
 * @property-read Scale $scale
 */
final class ToolCheck extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'tool_checks';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'measured' => AsStored::class.':'.VolumeCheck::class, 'faults' => AsEnumCollection::of(Inspection::class),
            'verdict' => ToolVerdict::class, 'state' => ToolCheckState::class, 'day' => 'date',
        ];
    }

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }

    /** @return BelongsTo<Scale, $this> */
    public function scale(): BelongsTo
    {
        return $this->belongsTo(Scale::class);
    }

    public function tool(): MeasuringTool
    {
        return ToolCatalogue::tool($this->catalogue_id, MeasureStandard::UsCustomary);
    }

    public function lineOf(MeasuringTool $tool): ?Mark
    {
        return array_column($tool->marks, null, 'text')[$this->mark] ?? null;
    }

    /** Its rim cannot be levelled, or its lines cannot be read: no tool for weigh-ins, whatever it holds. */
    public function isUnfit(): bool
    {
        return $this->verdict === ToolVerdict::Retire || $this->faults->contains(static fn (Inspection $one): bool => $one->isNeeded());
    }
}

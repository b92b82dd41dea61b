<?php

declare(strict_types=1);

namespace App\Checks;

use App\Exceptions\Refusal;
use App\Models\Kitchen;
use App\Models\NamedTool;
use App\Models\Teacher;
use App\Models\ToolCheck;
use Illuminate\Support\Facades\DB;

/** Stores water checks: sent twice, or with one more weighing, it is the same check. The teacher's yes makes the tool a certain one. */
final class KeepToolCheck
{
    public function keep(CheckedTool $given, Kitchen $kitchen): ToolCheck
    {
        return DB::transaction(function () use ($given, $kitchen): ToolCheck {
            $kept = ToolCheck::query()->lockForUpdate()->find($given->id);
            if ($kept !== null && $kept->state !== ToolCheckState::Open) {
                throw new Refusal('refusal.check-done');
            }
            $check = $kept ?? new ToolCheck(['id' => $given->id]);
            $check->fill([
                'kitchen_id' => $kitchen->id, 'catalogue_id' => $given->kind, 'name' => $given->name, 'place' => $given->place,
                'mark' => $given->mark, 'measured' => $given->measured, 'faults' => $given->faults,
                'true_ml' => $given->measured->volumeMl(), 'deviation_pct' => $given->measured->deviationPct(),
                'u_pct' => $given->measured->uncertaintyPct(), 'verdict' => $given->measured->verdict(),
                'state' => ToolCheckState::Open, 'scale_id' => $given->scale->id, 'lab_id' => $given->lab?->id,
                'teacher_id' => $given->by instanceof Teacher ? $given->by->id : null,
                'student_id' => $given->by instanceof Teacher ? null : $given->by->id,
                'day' => $kitchen->school->today(),
            ])->save();

            return $check;
        });
    }

    /** The student is done with it. */
    public function handIn(ToolCheck $check): void
    {
        if ($check->state === ToolCheckState::Open) {
            $check->update(['state' => ToolCheckState::HandedIn]);
        }
    }

    /** The tool has this size from now on; it is retired where the check says so. */
    public function accept(ToolCheck $check): NamedTool
    {
        return DB::transaction(function () use ($check): NamedTool {
            $tool = NamedTool::query()->firstOrNew(['kitchen_id' => $check->kitchen_id, 'name' => $check->name]);
            if ($tool->exists && $tool->catalogue_id !== $check->catalogue_id) {
                throw new Refusal('refusal.name-of-another-tool');
            }
            $tool->fill([
                'catalogue_id' => $check->catalogue_id, 'place' => $check->place, 'is_retired' => $check->isUnfit(),
            ])->save();
            $check->update(['state' => ToolCheckState::Accepted, 'named_tool_id' => $tool->id]);
            $kitchen = $check->kitchen;
            if (! $kitchen->tools()->where('catalogue_id', $check->catalogue_id)->exists()) {
                $kitchen->tools()->create(['catalogue_id' => $check->catalogue_id, 'count' => 1]); // there it is
            }

            return $tool;
        });
    }

    /** Not counted, and back to waiting where it had been accepted by mistake. */
    public function refuse(ToolCheck $check): void
    {
        $check->update(['state' => ToolCheckState::Refused, 'named_tool_id' => null]);
    }

    /** An acceptance is undone: it waits again. */
    public function reopen(ToolCheck $check): void
    {
        DB::transaction(function () use ($check): void {
            $tool = $check->named_tool_id;
            $check->update(['state' => ToolCheckState::HandedIn, 'named_tool_id' => null]);
            if ($tool !== null && ! ToolCheck::query()->where('named_tool_id', $tool)->exists()) {
                NamedTool::query()->whereKey($tool)->delete();
            }
        });
    }
}

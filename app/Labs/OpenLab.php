<?php

declare(strict_types=1);

namespace App\Labs;

use App\Checks\ShareTools;
use App\Exceptions\Refusal;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Section;
use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\LabState;
use Illuminate\Support\Facades\DB;

/** Opens a prepared lab: plans every line by the class's settings as they are now, once, and freezes it with its kitchen. */
final class OpenLab
{
    /** @param  bool  $anyway  with plans that miss by more than is tolerated, the teacher knowing */
    public function open(Lab $lab, bool $anyway = false): void
    {
        DB::transaction(function () use ($lab, $anyway): void {
            // The section is locked, so that two taps cannot open two labs.
            Section::query()->whereKey($lab->section_id)->lockForUpdate()->value('id');
            $section = $lab->section()->sole();
            $lab->refresh();
            if ($lab->state !== LabState::Prepared) {
                throw new Refusal('refusal.lab-not-prepared');
            }
            if ($section->openLab()->exists()) {
                throw new Refusal('refusal.another-lab-open');
            }
            if (! $section->stations()->exists()) {
                throw new Refusal('refusal.no-stations');
            }
            $today = $section->today();
            $section->forgetWhoWasAway($today);
            (new MakeUp)->endAll($section);
            $plan = LabPlan::now($lab);
            $isEmpty = array_filter($plan->lines, static fn (FrozenLine $line): bool => $line->target !== null) === [];
            if ($isEmpty && $lab->kind !== 'tools') {
                throw new Refusal('refusal.lab-empty');
            }
            if (! $anyway && array_filter($plan->lines, static fn (FrozenLine $line): bool => $line->isOutOfReach()) !== []) {
                throw new Refusal('refusal.lab-out-of-reach');
            }
            $lab->lines()->createMany(array_map(LabLine::columns(...), $plan->lines));
            $shares = $lab->kind === 'tools' ? ShareTools::of($section) : null;
            $lab->update([
                'shares' => $shares, 'state' => LabState::Open, 'opened_at' => now(), 'frozen' => $plan->kitchen,
                'orders' => self::orders($plan),
            ]);
        });
    }

    /** @return array<int, list<int>>|null ids of weighed lines in planned order, by station id; none where no plan can be made */
    private static function orders(LabPlan $plan): ?array
    {
        try {
            $orders = LabPeriod::of($plan)->orders();
        } catch (InvalidInput) {
            return null; // a class without stations, say: it opens all the same
        }
        $byStation = [];
        foreach ($plan->lab->section->stations->values() as $i => $station) {
            $ids = [];
            foreach ($plan->lab->load('lines')->weighedLines($station) as $line) { // its own lines, and what it has instead of others
                $ids[$line->frozen->place()] = $line->id;
            }
            $byStation[$station->id] = array_values(array_filter(
                array_map(static fn (int $place): ?int => $ids[$place] ?? null, $orders[$i] ?? []), is_int(...),
            ));
        }

        return $byStation;
    }
}

<?php

declare(strict_types=1);

namespace App\School;

use App\Exceptions\Refusal;
use App\Models\Kitchen;
use App\Models\Teacher;
use Illuminate\Support\Facades\DB;

/** Changes what an adult is in the school. Who may do something else from now on signs in again; the school is never without a keeper. */
final class ChangePerson
{
    /** @throws Refusal when nobody would be left to look after the school */
    public static function to(Teacher $person, AdultRole $role, Kitchen $kitchen, bool $mayBeIn): void
    {
        DB::transaction(static function () use ($person, $role, $kitchen, $mayBeIn): void {
            $before = [$person->role, $person->mayBeIn()];
            $person->update([
                'role' => $role, 'kitchen_id' => $kitchen->id, 'deactivated_at' => $mayBeIn ? null : ($person->deactivated_at ?? now()),
            ]);
            $keepers = $person->refresh()->kitchen->school->adults()->where('role', AdultRole::Keeper)->where('deactivated_at', null);
            if ($keepers->doesntExist()) {
                throw new Refusal('refusal.last-keeper');
            }
            if ($before !== [$person->role, $person->mayBeIn()]) {
                $person->endSessions();
            }
        });
    }
}

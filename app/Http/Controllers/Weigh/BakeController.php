<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Views\Weigh\BakeLog;
use App\Models\Bake;
use App\Models\Lab;
use App\Models\Station;
use App\Models\Student;
use App\Weighings\BakeReport;
use Hovik\Core\Bake\Fault;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;

/** How the bake came out: logged by the station itself, and traced back to its own weights. */
final class BakeController extends Controller
{
    /** What was logged, and which weights may have led there. */
    public function show(#[CurrentUser] Student|Station $actor): BakeLog
    {
        return BakeLog::of(BakeReport::of(...$this->here($actor)));
    }

    /** Log a fault of the bake. */
    public function update(#[CurrentUser] Student|Station $actor, string $fault): BakeLog
    {
        [$lab, $station] = $this->here($actor);
        Bake::query()->insertOrIgnore([
            'lab_id' => $lab->id, 'station_id' => $station->id, 'fault' => Fault::named($fault),
            'created_at' => now()->format('Y-m-d H:i:s.v'),
        ]);

        return BakeLog::of(BakeReport::of($lab, $station));
    }

    /** Take it back. */
    public function destroy(#[CurrentUser] Student|Station $actor, string $fault): BakeLog
    {
        [$lab, $station] = $this->here($actor);
        Bake::query()->where(['lab_id' => $lab->id, 'station_id' => $station->id])->where('fault', Fault::named($fault))->delete();

        return BakeLog::of(BakeReport::of($lab, $station));
    }

    /** @return array{Lab, Station} */
    private function here(Student|Station $actor): array
    {
        $station = $actor instanceof Station ? $actor : $actor->station ?? throw new Refusal('refusal.not-seated');
        $lab = BakeReport::labOf($station) ?? throw new Refusal('refusal.lab-not-open');
        Gate::authorize('weigh', $lab);

        return [$lab, $station];
    }
}

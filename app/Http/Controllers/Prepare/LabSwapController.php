<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\LabSwapRequest;
use App\Models\Lab;
use App\Models\LabItem;
use App\Models\Station;
use Illuminate\Http\Response;

final class LabSwapController extends Controller
{
    /** One station measures something else instead of a line of a prepared lab, or leaves it out. */
    public function update(LabSwapRequest $request, Lab $lab, LabItem $item, Station $station): Response
    {
        self::mustBelong($lab, $item, $station);
        $lab->mustBePrepared();
        $item->swaps()->updateOrCreate(['station_id' => $station->id], $request->kept($lab));

        return response()->noContent();
    }

    /** It measures the line like everybody. */
    public function destroy(Lab $lab, LabItem $item, Station $station): Response
    {
        self::mustBelong($lab, $item, $station);
        $lab->mustBePrepared();
        $item->swaps()->where('station_id', $station->id)->delete();

        return response()->noContent();
    }

    private static function mustBelong(Lab $lab, LabItem $item, Station $station): void
    {
        abort_unless($item->lab_id === $lab->id && $station->section_id === $lab->section_id, 404);
    }
}

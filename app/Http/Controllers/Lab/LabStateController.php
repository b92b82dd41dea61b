<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\OpenLabRequest;
use App\Labs\OpenLab;
use App\Live\Live;
use App\Models\Lab;
use App\Review\AfterLab;
use Hovik\Core\Lab\LabState;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;

/** Where a lab stands: opened, paused, closed, opened again. */
final class LabStateController extends Controller
{
    /** Open a prepared lab: its lines are planned and frozen. */
    public function open(OpenLabRequest $request, Lab $lab, OpenLab $opening): Response
    {
        $opening->open($lab, $request->boolean('anyway'));
        Live::tell($lab, 'lab-opened');

        return response()->noContent();
    }

    /** Close the open lab: tablets are signed out, the lab stays to look back on. */
    public function close(Lab $lab): Response
    {
        $closed = Lab::query()->whereKey($lab->id)->where('state', LabState::Open)->update(
            ['state' => LabState::Closed, 'closed_at' => now()],
        );
        if ($closed === 0) {
            throw new Refusal('refusal.lab-not-open');
        }
        Live::tell($lab, 'lab-closed');
        AfterLab::later($lab->section, $lab);

        return response()->noContent();
    }

    /** Pause the open lab: tablets say so; what they still send is kept. */
    public function pause(Lab $lab): Response
    {
        return $this->turn($lab, Carbon::now(), 'lab-paused');
    }

    /** Go on with a paused lab, the same day or another. */
    public function resume(Lab $lab): Response
    {
        return $this->turn($lab, null, 'lab-resumed');
    }

    /** Begin the second period of a lab that spans two: everybody goes on with what was left for it. */
    public function second(Lab $lab): Response
    {
        if (! $lab->isOpen() || ! $lab->isInFirstOfTwo()) {
            throw new Refusal('refusal.no-second-period');
        }
        $lab->update(['second_at' => now(), 'paused_at' => null]);
        Live::tell($lab, 'lab-resumed');

        return response()->noContent();
    }

    /** Open a closed lab again, with all that was weighed. */
    public function reopen(Lab $lab): Response
    {
        if ($lab->state !== LabState::Closed) {
            throw new Refusal('refusal.lab-not-closed');
        }
        try {
            $lab->update(['state' => LabState::Open, 'closed_at' => null, 'paused_at' => null]);
        } catch (UniqueConstraintViolationException) {
            throw new Refusal('refusal.another-lab-open');
        }
        Live::tell($lab, 'lab-opened');

        return response()->noContent();
    }

    private function turn(Lab $lab, ?Carbon $pausedAt, string $fact): Response
    {
        if (! $lab->isOpen()) {
            throw new Refusal('refusal.lab-not-open');
        }
        $lab->update(['paused_at' => $pausedAt]);
        Live::tell($lab, $fact);

        return response()->noContent();
    }
}

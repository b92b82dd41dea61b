<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Labs\OpenLab;
use App\Live\Live;
use App\Models\Lab;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class LabStateController extends Controller
{
    #[OA\Post(path: '/api/labs/{lab}/open', operationId: 'openLab', summary: 'Open a prepared lab: its lines are planned and frozen', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Open.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Refused', response: 409),
    ])]
    public function open(Lab $lab, OpenLab $opening): Response
    {
        Gate::authorize('run', $lab);
        $opening->open($lab);
        Live::tell($lab, 'lab-opened');

        return response()->noContent();
    }

    #[OA\Post(path: '/api/labs/{lab}/close', operationId: 'closeLab', summary: 'Close the open lab; station tablets are signed out', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Closed.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Refused', response: 409),
    ])]
    public function close(Lab $lab): Response
    {
        Gate::authorize('run', $lab);
        $closed = Lab::query()->whereKey($lab->id)->where('state', Lab::OPEN)->update(['state' => Lab::CLOSED, 'closed_at' => now()]);
        if ($closed === 0) {
            throw new Refusal('lab_not_open');
        }
        Live::tell($lab, 'lab-closed');

        return response()->noContent();
    }
}

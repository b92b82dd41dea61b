<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lab\PaperRequest;
use App\Labs\ScalesFit;
use App\Models\Lab;
use App\Weighings\PaperSheet;
use App\Weighings\RecordWeighing;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** A room without devices: weigh-in sheets typed in afterwards. */
final class PaperController extends Controller
{
    #[OA\Get(path: '/api/labs/{lab}/paper', operationId: 'paperScales', summary: 'Which scales can judge which line, for sheets that do not say', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'By line.', content: new OA\JsonContent(required: ['lines'], properties: [
            new OA\Property(property: 'lines', type: 'array', items: new OA\Items(required: ['id', 'fit_scales'], type: 'object', properties: [new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'fit_scales', type: 'array', items: new OA\Items(type: 'integer'))])),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function show(Lab $lab): JsonResponse
    {
        Gate::authorize('run', $lab);
        $fitness = ScalesFit::of($lab);

        return response()->json(['lines' => array_map(
            static fn (int $line): array => ['id' => $line, 'fit_scales' => ScalesFit::fit($fitness[$line])],
            array_keys($fitness),
        )]);
    }

    #[OA\Post(path: '/api/labs/{lab}/paper', operationId: 'typeInPaper', summary: 'Weigh-ins from paper: judged as they are typed, or stored all at once', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['store', 'entries'], properties: [
        new OA\Property(property: 'store', type: 'boolean', description: 'False: only say what they would be.'),
        new OA\Property(property: 'entries', type: 'array', items: new OA\Items(ref: '#/components/schemas/PaperEntry')),
    ])), responses: [
        new OA\Response(response: 200, description: 'Each with its verdict, or what is wrong with it.', content: new OA\JsonContent(required: ['entries', 'stored'], properties: [
            new OA\Property(property: 'stored', type: 'boolean'),
            new OA\Property(property: 'entries', type: 'array', items: new OA\Items(required: ['id', 'verdict', 'error_g', 'tolerances', 'problem'], type: 'object', properties: [
                new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'verdict', type: 'string', nullable: true), new OA\Property(property: 'error_g', type: 'number', nullable: true), new OA\Property(property: 'tolerances', type: 'number', nullable: true), new OA\Property(property: 'problem', type: 'string', nullable: true),
            ])),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
        new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function store(PaperRequest $request, Lab $lab, RecordWeighing $recording): JsonResponse
    {
        if ($lab->state === Lab::PREPARED) {
            throw new Refusal('lab_not_open');
        }
        $sheet = new PaperSheet($lab, $request->entries());
        if ($request->boolean('store')) {
            $sheet->store($recording);
        }

        return response()->json(['stored' => $request->boolean('store'), 'entries' => $sheet->judged()]);
    }
}

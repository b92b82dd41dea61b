<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\LabItemRequest;
use App\Http\Requests\Prepare\LabRequest;
use App\Http\Resources\Prepare\LabSheetResource;
use App\Labs\LabSheet;
use App\Models\Lab;
use App\Models\LabItem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class LabsController extends Controller
{
    #[OA\Get(path: '/api/labs/{lab}/sheet', operationId: 'labSheet', summary: 'A lab as it would be opened now: targets, tools, warnings, supplies, what to do before', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'The sheet.', content: new OA\JsonContent(ref: '#/components/schemas/LabSheet')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function show(Lab $lab): LabSheetResource
    {
        Gate::authorize('run', $lab);

        return new LabSheetResource(LabSheet::of($lab));
    }

    #[OA\Put(path: '/api/labs/{lab}', operationId: 'changeLab', summary: 'Title, day and retry allowance of a prepared lab', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['title', 'planned_for', 'retry_pct'], properties: [
        new OA\Property(property: 'title', type: 'string'), new OA\Property(property: 'planned_for', type: 'string', format: 'date'), new OA\Property(property: 'retry_pct', type: 'integer'),
    ])), responses: [
        new OA\Response(response: 204, description: 'Kept.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function update(LabRequest $request, Lab $lab): Response
    {
        Gate::authorize('run', $lab);
        self::mustBePrepared($lab);
        $lab->update($request->validated());

        return response()->noContent();
    }

    #[OA\Put(path: '/api/labs/{lab}/items/{item}', operationId: 'changeLabItem', summary: 'How strictly one line is judged', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'item', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['strictness', 'tolerance_pct'], properties: [
        new OA\Property(property: 'strictness', type: 'string', enum: ['structural', 'flavour', 'free']), new OA\Property(property: 'tolerance_pct', type: 'number', nullable: true, description: 'Null: the usual.'),
        new OA\Property(property: 'way', type: 'string', enum: ['checked', 'weight', 'volume'], description: 'By tools and checked by weight, weighed out, or by tools alone.'),
        new OA\Property(property: 'shared', type: 'boolean', description: 'Stands on the common shelf.'),
    ])), responses: [
        new OA\Response(response: 204, description: 'Kept.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function changeItem(LabItemRequest $request, Lab $lab, LabItem $item): Response
    {
        Gate::authorize('run', $lab);
        self::mustBePrepared($lab);
        $item->update($request->validated());

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/labs/{lab}/items/{item}', operationId: 'dropLabItem', summary: 'Take a line out of a prepared lab', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'item', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Taken out.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Refused', response: 409),
    ])]
    public function dropItem(Lab $lab, LabItem $item): Response
    {
        Gate::authorize('run', $lab);
        self::mustBePrepared($lab);
        $item->delete();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/labs/{lab}/copy', operationId: 'copyLab', summary: 'A prepared lab that asks for the same', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 201, description: 'Copied.', content: new OA\JsonContent(required: ['id'], properties: [new OA\Property(property: 'id', type: 'integer')])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function copy(Lab $lab): JsonResponse
    {
        Gate::authorize('run', $lab);
        $copy = DB::transaction(function () use ($lab): Lab {
            $copy = $lab->replicate(['state', 'opened_at', 'closed_at', 'archived_at', 'open_section_id']);
            $copy->fill(['state' => Lab::PREPARED, 'planned_for' => now($lab->section->kitchen->time_zone)->toDateString()])->save();
            foreach ($lab->items as $item) {
                $item->replicate()->fill(['lab_id' => $copy->id])->save();
            }

            return $copy;
        });

        return response()->json(['id' => $copy->id], 201);
    }

    #[OA\Post(path: '/api/labs/{lab}/archive', operationId: 'archiveLab', summary: 'Put a lab away that is not open', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Archived.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Refused', response: 409),
    ])]
    public function archive(Lab $lab): Response
    {
        Gate::authorize('run', $lab);
        if ($lab->isOpen()) {
            throw new Refusal('lab_is_open');
        }
        $lab->update(['archived_at' => now()]);

        return response()->noContent();
    }

    /** @throws Refusal once it was opened: its lines are frozen */
    private static function mustBePrepared(Lab $lab): void
    {
        if ($lab->state !== Lab::PREPARED) {
            throw new Refusal('lab_frozen');
        }
    }
}

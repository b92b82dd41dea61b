<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Resources\Prepare\PeriodResource;
use App\Labs\LabPeriod;
use App\Models\Lab;
use Hovik\Core\Period\Fixed;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** A lab's plan from bell to bell. */
final class PeriodController extends Controller
{
    #[OA\Get(path: '/api/labs/{lab}/period', operationId: 'period', summary: 'The plan of a lab from bell to bell', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'Its timeline.', content: new OA\JsonContent(ref: '#/components/schemas/PeriodPlan')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function show(Lab $lab): PeriodResource
    {
        Gate::authorize('watch', $lab);

        return new PeriodResource(LabPeriod::of($lab), $lab);
    }

    #[OA\Put(path: '/api/labs/{lab}/period', operationId: 'changePeriod', summary: 'How long its fixed blocks take, in minutes', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['minutes'], properties: [
        new OA\Property(property: 'minutes', type: 'object', description: 'By block.', additionalProperties: new OA\AdditionalProperties(type: 'number')),
    ])), responses: [
        new OA\Response(response: 200, description: 'The new plan.', content: new OA\JsonContent(ref: '#/components/schemas/PeriodPlan')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function update(Request $request, Lab $lab): PeriodResource
    {
        Gate::authorize('run', $lab);
        $request->validate(['minutes' => ['required', 'array:'.implode(',', array_map(static fn (Fixed $block): string => $block->value, Fixed::cases()))], 'minutes.*' => ['numeric', 'min:0', 'max:180']]);
        $blocks = [];
        foreach ((array) $request->input('minutes') as $block => $minutes) {
            $blocks[(string) $block] = Fixed::seconds((float) (is_numeric($minutes) ? $minutes : 0));
        }
        $lab->update(['blocks' => $blocks + ($lab->blocks ?? [])]);

        return new PeriodResource(LabPeriod::of($lab), $lab);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lab\CorrectionRequest;
use App\Http\Requests\Lab\ScaleCheckRequest;
use App\Http\Resources\Weigh\CausesResource;
use App\Live\Live;
use App\Models\Lab;
use App\Models\Scale;
use App\Models\Weighing;
use App\Weighings\Diagnose;
use App\Weighings\RecordWeighing;
use Hovik\Core\Weighing\StartCheck;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What a teacher does with a lab while it lasts: pause it, open it again, put a wrong entry right, check the scales. */
final class LabDayController extends Controller
{
    #[OA\Post(path: '/api/labs/{lab}/pause', operationId: 'pauseLab', summary: 'Pause the open lab: tablets say so; what they still send is kept', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Paused.'), new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Refused', response: 409),
    ])]
    public function pause(Lab $lab): Response
    {
        return $this->turn($lab, Carbon::now(), 'lab-paused');
    }

    #[OA\Post(path: '/api/labs/{lab}/resume', operationId: 'resumeLab', summary: 'Go on with a paused lab, the same day or another', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Goes on.'), new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Refused', response: 409),
    ])]
    public function resume(Lab $lab): Response
    {
        return $this->turn($lab, null, 'lab-resumed');
    }

    private function turn(Lab $lab, ?Carbon $pausedAt, string $fact): Response
    {
        Gate::authorize('run', $lab);
        if (! $lab->isOpen()) {
            throw new Refusal('lab_not_open');
        }
        $lab->update(['paused_at' => $pausedAt]);
        Live::tell($lab, $fact);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/labs/{lab}/reopen', operationId: 'reopenLab', summary: 'Open a closed lab again, with all that was weighed', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Open again.'), new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Refused', response: 409),
    ])]
    public function reopen(Lab $lab): Response
    {
        Gate::authorize('run', $lab);
        if ($lab->state !== Lab::CLOSED) {
            throw new Refusal('lab_not_closed');
        }
        try {
            $lab->update(['state' => Lab::OPEN, 'closed_at' => null, 'paused_at' => null]);
        } catch (UniqueConstraintViolationException) {
            throw new Refusal('another_lab_open');
        }
        Live::tell($lab, 'lab-opened');

        return response()->noContent();
    }

    #[OA\Put(path: '/api/labs/{lab}/weighings/{weighing}/correction', operationId: 'correctWeighing', summary: 'Put a wrong entry right: a new weighing takes its place, the old one stays, struck through', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'weighing', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['id', 'grams'], properties: [
        new OA\Property(property: 'id', type: 'string', description: 'ULID of the new one.'), new OA\Property(property: 'grams', type: 'string'),
    ])), responses: [
        new OA\Response(response: 204, description: 'Corrected.'), new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function correct(CorrectionRequest $request, Lab $lab, Weighing $weighing, RecordWeighing $recording): Response
    {
        Gate::authorize('run', $lab);
        abort_unless($weighing->line->lab_id === $lab->id, 404);
        $isStored = Weighing::query()->whereKey($request->ulid())->exists();
        $isLatest = ! Weighing::query()->where('lab_line_id', $weighing->lab_line_id)->where('station_id', $weighing->station_id)->where('attempt', '>', $weighing->attempt)->exists();
        if (! $isStored && ! $isLatest) {
            throw new Refusal('not_latest');
        }
        $recording->record(
            $request->ulid(), $weighing->line, $weighing->station, $weighing->student, $weighing->scale, $request->reading($weighing), $weighing->ticked,
            ['source' => $weighing->source, 'predicted' => $weighing->predicted, 'together' => $weighing->together, 'corrects_id' => $weighing->id],
        );

        return response()->noContent();
    }

    #[OA\Get(path: '/api/labs/{lab}/weighings/{weighing}/causes', operationId: 'causesForTeacher', summary: 'What a weighing may come from, for the teacher', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'weighing', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Likeliest first.', content: new OA\JsonContent(ref: '#/components/schemas/Causes')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function causes(Lab $lab, Weighing $weighing, Diagnose $diagnosing): CausesResource
    {
        Gate::authorize('watch', $lab);
        abort_unless($weighing->line->lab_id === $lab->id, 404);

        return new CausesResource($weighing, $diagnosing->of($weighing), forTeacher: true);
    }

    #[OA\Post(path: '/api/labs/{lab}/scale-checks', operationId: 'checkScale', summary: 'A scale against a known weight, before the lab', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['scale_id', 'nominal_g', 'reading_g'], properties: [
        new OA\Property(property: 'scale_id', type: 'integer'), new OA\Property(property: 'nominal_g', type: 'string'), new OA\Property(property: 'reading_g', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'Whether it passed.', content: new OA\JsonContent(required: ['passed'], properties: [new OA\Property(property: 'passed', type: 'boolean')])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function checkScale(ScaleCheckRequest $request, Lab $lab): \Illuminate\Http\JsonResponse
    {
        Gate::authorize('watch', $lab);
        $scale = Scale::ofSection($lab->section_id)->findOrFail($request->integer('scale_id'));
        $passed = StartCheck::passes($request->float('nominal_g'), $request->float('reading_g'), $scale->toCore());
        $scale->checks()->create([
            'teacher_id' => $request->user()?->getAuthIdentifier(), 'nominal_g' => $request->float('nominal_g'), 'reading_g' => $request->float('reading_g'), 'passed' => $passed,
            'day' => Carbon::now($lab->section->kitchen->time_zone)->toDateString(),
        ]);
        Live::tell($lab, 'scale-checked', ['scale' => $scale->id]);

        return response()->json(['passed' => $passed]);
    }
}

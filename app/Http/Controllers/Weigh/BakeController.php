<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Resources\Weigh\BakeResource;
use App\Models\Bake;
use App\Models\Lab;
use App\Models\Station;
use App\Models\Student;
use App\Weighings\BakeReport;
use Hovik\Core\Bake\Fault;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** How the bake came out: logged by the station itself, and traced back to its own weights. */
final class BakeController extends Controller
{
    #[OA\Get(path: '/api/bake', operationId: 'bake', summary: "How this station's bake came out, and the weights that could have led there", responses: [
        new OA\Response(response: 200, description: 'Of the open lab, or of the last one.', content: new OA\JsonContent(ref: '#/components/schemas/Bake')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Refused', response: 409),
    ])]
    public function show(Request $request): BakeResource
    {
        [$lab, $station] = $this->here($request);

        return new BakeResource(BakeReport::of($lab, $station));
    }

    #[OA\Put(path: '/api/bake/{fault}', operationId: 'logFault', summary: 'It came out so', parameters: [
        new OA\Parameter(name: 'fault', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Logged.', content: new OA\JsonContent(ref: '#/components/schemas/Bake')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function update(Request $request, string $fault): BakeResource
    {
        [$lab, $station] = $this->here($request);
        Bake::query()->insertOrIgnore(['lab_id' => $lab->id, 'station_id' => $station->id, 'fault' => Fault::named($fault)->value, 'created_at' => now()->format('Y-m-d H:i:s.v')]);

        return new BakeResource(BakeReport::of($lab, $station));
    }

    #[OA\Delete(path: '/api/bake/{fault}', operationId: 'unlogFault', summary: 'It did not, after all', parameters: [
        new OA\Parameter(name: 'fault', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Taken back.', content: new OA\JsonContent(ref: '#/components/schemas/Bake')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function destroy(Request $request, string $fault): BakeResource
    {
        [$lab, $station] = $this->here($request);
        Bake::query()->where(['lab_id' => $lab->id, 'station_id' => $station->id, 'fault' => Fault::named($fault)->value])->delete();

        return new BakeResource(BakeReport::of($lab, $station));
    }

    /** @return array{Lab, Station} */
    private function here(Request $request): array
    {
        $actor = $request->user();
        $station = match (true) {
            $actor instanceof Station => $actor,
            $actor instanceof Student => $actor->station,
            default => null,
        } ?? throw new Refusal('not_seated');
        $lab = BakeReport::labOf($station) ?? throw new Refusal('lab_not_open');
        Gate::authorize('weigh', $lab);

        return [$lab, $station];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Controllers\Controller;
use App\Http\Requests\Bench\BenchRequest;
use App\Http\Resources\Bench\BenchOptions;
use App\Http\Resources\Bench\BenchTwoWays;
use App\Http\Resources\Bench\BenchWeighing;
use Hovik\Core\Bench\DrawnScale;
use Hovik\Core\Bench\TwoWays;
use Hovik\Core\Weighing\Chance;
use OpenApi\Attributes as OA;

/** The bench: everything is worked out from what is sent, and nothing is stored. For anybody who is signed in. */
final class BenchController extends Controller
{
    #[OA\Get(path: '/api/bench', operationId: 'bench', summary: 'What can be tried with a food: amounts, tools, ways of working', parameters: [
        new OA\Parameter(name: 'ingredient', in: 'query', required: true, schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'amount', in: 'query', required: true, schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'unit', in: 'query', required: true, schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'plan', in: 'query', schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'The choices.', content: new OA\JsonContent(ref: '#/components/schemas/Bench')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function show(BenchRequest $request): BenchOptions
    {
        return new BenchOptions($request->bench());
    }

    #[OA\Post(path: '/api/bench/weigh', operationId: 'benchWeigh', summary: 'Measure it once by chance, work the scale, and have the number judged', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/BenchTry')), responses: [
        new OA\Response(response: 200, description: 'What the scale shows, and the verdict when asked for.', content: new OA\JsonContent(ref: '#/components/schemas/BenchWeighing')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function weigh(BenchRequest $request): BenchWeighing
    {
        $bench = $request->bench();
        $hands = $request->hands($bench);
        $bowlG = $request->float('bowl_g');
        $scale = DrawnScale::after(array_values($request->array('actions')), $request->scale(), $bowlG, $bench->draw($hands, new Chance($request->seed())));

        return new BenchWeighing($bench, $hands, $scale, $request->scale(), $bowlG, $request->boolean('check'), $request->filled('predicted') ? $request->string('predicted')->toString() : null);
    }

    #[OA\Post(path: '/api/bench/compare', operationId: 'benchCompare', summary: 'Two ways of measuring the same, many times each', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/BenchTry')), responses: [
        new OA\Response(response: 200, description: 'Both distributions over the same bins.', content: new OA\JsonContent(ref: '#/components/schemas/BenchTwoWays')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function compare(BenchRequest $request): BenchTwoWays
    {
        $bench = $request->bench();

        return new BenchTwoWays($bench, TwoWays::of($bench, $request->hands($bench), $request->hands($bench, 'other'), $request->scale(), $request->integer('draws', 200), $request->seed()));
    }
}

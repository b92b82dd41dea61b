<?php

declare(strict_types=1);

namespace App\Http\Contract;

use App\Http\FileAnswer;
use App\Http\Requests\ApiRequest;
use App\Http\Views\Answer;
use App\Http\Views\Lab\BoardChange;
use App\Http\Views\View;
use App\Http\Views\Weigh\StationChange;
use BackedEnum;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Response as NoContent;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use OpenApi\Annotations\AdditionalProperties;
use OpenApi\Annotations\Components;
use OpenApi\Annotations\Info;
use OpenApi\Annotations\Items;
use OpenApi\Annotations\MediaType;
use OpenApi\Annotations\OpenApi;
use OpenApi\Annotations\Operation;
use OpenApi\Annotations\Parameter;
use OpenApi\Annotations\PathItem;
use OpenApi\Annotations\Property;
use OpenApi\Annotations\RequestBody;
use OpenApi\Annotations\Response;
use OpenApi\Annotations\Schema;
use OpenApi\Context;
use OpenApi\Generator;
use phpDocumentor\Reflection\DocBlock\Tags\Return_;
use phpDocumentor\Reflection\DocBlockFactory;
use phpDocumentor\Reflection\PseudoTypes\Generic;
use phpDocumentor\Reflection\Type;
use phpDocumentor\Reflection\Types\ContextFactory;
use ReflectionMethod;
use ReflectionNamedType;
use ReflectionParameter;
use RuntimeException;

/**
 * The contract of the API as OpenAPI, from what there is: routes give the addresses, actions' first sentences the summaries,
 * validation rules
 * what comes in ({@see Inputs}), views' types what goes out ({@see Schemas}). Nothing is said a second time.
 *
 * @phpstan-import-type SchemaParts from Schemas
 */
final class Contract
{
    /** Asked by nginx, not by browsers. */
    private const INNER = '~/live$|\{unknown\}~';

    /** Name and meaning, by status. */
    private const REFUSALS = [
        401 => ['SignedOut', 'Nobody is signed in, or the session ended.'],
        403 => ['NotYours', 'It belongs to another class, station or teacher.'],
        404 => ['NotFound', 'There is no such thing.'],
        409 => ['Refused', 'Fine to ask, but not now.'],
        422 => ['Invalid', 'A field cannot be used.'],
        429 => ['TooMany', 'Too many tries.'],
    ];

    /** What the streams tell of. */
    private const STREAMED = [StationChange::class, BoardChange::class];

    private readonly Schemas $schemas;

    private readonly Inputs $inputs;

    public function __construct(private readonly Router $router)
    {
        $this->schemas = new Schemas;
        $this->inputs = new Inputs;
    }

    public function toJson(): string
    {
        Generator::$context = new Context(['version' => OpenApi::VERSION_3_1_0, 'generated' => true]); // how null is written
        $paths = [];
        foreach ($this->router->getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/') && preg_match(self::INNER, $route->uri()) !== 1) {
                $method = strtolower($route->methods()[0]);
                $paths['/'.$route->uri()][$method] = $this->operation($route, $method);
            }
        }
        array_map($this->schemas->ofClass(...), self::STREAMED);
        ksort($paths);
        $openapi = new OpenApi([
            'openapi' => '3.1.0',
            'info' => new Info(['title' => 'Hovik', 'version' => (string) config('hovik.version'), 'description' => 'What the screens ask '
                .'of the server. Same origin, session cookie; calls that change something carry the XSRF-TOKEN cookie back '
                .'as X-XSRF-TOKEN.']),
            'paths' => array_map(
                static fn (string $path, array $operations): PathItem => new PathItem(['path' => $path] + $operations),
                array_keys($paths),
                $paths,
            ),
            'components' => new Components([
                'schemas' => [self::problem(), ...$this->schemas->all()],
                'responses' => array_map(static fn (array $one): Response => new Response([
                    'response' => $one[0], 'description' => $one[1], 'content' => [self::json(['ref' => '#/components/schemas/Problem'])],
                ]), array_values(self::REFUSALS)),
            ]),
        ]);
        if (! $openapi->validate()) {
            throw new RuntimeException('The contract is no valid OpenAPI document.');
        }

        return $openapi->toJson();
    }

    private function operation(Route $route, string $method): Operation
    {
        $action = new ReflectionMethod(
            $route->getControllerClass() ?? throw new RuntimeException("{$route->uri()} has no controller."),
            $route->getActionMethod(),
        );
        $request = $this->requestOf($action);
        $isQuery = in_array($method, ['get', 'delete'], true);
        $doc = $action->getDocComment();
        $summary = $doc === false
                ? throw new RuntimeException("{$action->class}::{$action->name} says nothing of itself.")
                : DocBlockFactory::createInstance()->create($doc)->getSummary();
        $class = 'OpenApi\\Annotations\\'.ucfirst($method);
        $operation = new $class([
            'operationId' => lcfirst(str_replace('Controller', '', class_basename($action->class))).ucfirst($action->name),
            'summary' => rtrim($summary, '.'),
            'parameters' => [...$this->addressed($route, $action), ...($isQuery && $request !== null ? $this->asked($request) : [])],
            'responses' => [...$this->answers($action), ...$this->refusals($route, $request)],
        ] + ($isQuery || $request === null ? [] : [
            'requestBody' => new RequestBody(['required' => true, 'content' => [self::json($this->inputs->body($request))]]),
        ]));
        assert($operation instanceof Operation);

        return $operation;
    }

    private function requestOf(ReflectionMethod $action): ?ApiRequest
    {
        foreach ($action->getParameters() as $parameter) {
            $type = $parameter->getType();
            if ($type instanceof ReflectionNamedType && is_a($type->getName(), ApiRequest::class, true)) {
                $class = $type->getName();

                return new $class;
            }
        }

        return null;
    }

    /** @return list<Parameter> of the address */
    private function addressed(Route $route, ReflectionMethod $action): array
    {
        $types = [];
        foreach ($action->getParameters() as $parameter) {
            $types[$parameter->getName()] = self::addressType($parameter);
        }

        return array_map(static fn (string $name): Parameter => new Parameter([
            'name' => $name, 'in' => 'path', 'required' => true, 'schema' => new Schema($types[$name] ?? ['type' => 'string']),
        ]), $route->parameterNames());
    }

    /** @return SchemaParts */
    private static function addressType(ReflectionParameter $parameter): array
    {
        $type = $parameter->getType();
        $name = $type instanceof ReflectionNamedType ? $type->getName() : '';

        return match (true) {
            is_a($name, BackedEnum::class, true) => ['type' => 'string', 'enum' => array_column($name::cases(), 'value')],
            $name === 'int', is_a($name, Model::class, true) && (new $name)->getKeyType() === 'int' => ['type' => 'integer'],
            default => ['type' => 'string'],
        };
    }

    /** @return list<Parameter> of the query */
    private function asked(ApiRequest $request): array
    {
        $asked = [];
        foreach ($this->inputs->query($request) as $name => $one) {
            $asked[] = new Parameter(['name' => $name, 'in' => 'query', 'required' => $one['required'], 'schema' => $one['schema']]);
        }

        return $asked;
    }

    /** @return list<Response> */
    private function answers(ReflectionMethod $action): array
    {
        $type = $action->getReturnType();
        $name = $type instanceof ReflectionNamedType
                ? $type->getName()
                : throw new RuntimeException("{$action->class}::{$action->name} returns no one type.");
        $where = "{$action->class}::{$action->name}";

        return match (true) {
            $name === NoContent::class => [new Response(['response' => '204', 'description' => 'Done.'])],
            $name === FileAnswer::class => [new Response(['response' => '200', 'description' => 'A file.', 'content' => [
                new MediaType(['mediaType' => 'application/octet-stream', 'schema' => new Schema(['type' => 'string'])]),
            ]])],
            $name === Answer::class => $this->stored($this->documented($action) ?? throw new RuntimeException("$where answers with what?")),
            $name === 'array' => [
                self::answer(
                    '200',
                    $this->schemas->ofType($this->documented($action) ?? throw new RuntimeException("$where answers with what?")),
                ),
            ],
            is_a($name, View::class, true) => [self::answer((string) $name::STATUS, $this->schemas->ofClass($name))],
            default => throw new RuntimeException("$where returns $name, which is no view."),
        };
    }

    /** @return list<Response> */
    private function stored(Type $type): array
    {
        $is = $type instanceof Generic ? $this->schemas->ofType($type->getTypes()[0]) : throw new RuntimeException("Answer of what? $type");

        return [self::answer('200', $is), self::answer('201', $is)];
    }

    private function documented(ReflectionMethod $action): ?Type
    {
        $doc = $action->getDocComment();
        $context = (new ContextFactory)->createFromReflector($action);
        $tag = $doc === false ? null : DocBlockFactory::createInstance()->create($doc, $context)->getTagsByName('return')[0] ?? null;

        return $tag instanceof Return_ ? $tag->getType() : null;
    }

    /** @return list<Response> */
    private function refusals(Route $route, ?ApiRequest $request): array
    {
        $middleware = implode(' ', $route->gatherMiddleware());
        $isGuarded = str_contains($middleware, 'auth:');
        $known = array_keys(array_filter([
            401 => $isGuarded,
            403 => $isGuarded,
            404 => $route->parameterNames() !== [],
            409 => true,
            422 => $request !== null,
            429 => str_contains($middleware, 'throttle:'),
        ]));

        return array_map(static fn (int $status): Response => new Response([
            'response' => (string) $status, 'ref' => '#/components/responses/'.self::REFUSALS[$status][0],
        ]), $known);
    }

    /** @param  SchemaParts  $is */
    private static function answer(string $status, array $is): Response
    {
        return new Response(['response' => $status, 'description' => 'The answer.', 'content' => [self::json($is)]]);
    }

    /** @param  SchemaParts  $is */
    private static function json(array $is): MediaType
    {
        return new MediaType(['mediaType' => 'application/json', 'schema' => new Schema($is)]);
    }

    private static function problem(): Schema
    {
        $texts = new AdditionalProperties(['type' => 'array', 'items' => new Items(['type' => 'string'])]);

        return new Schema(['schema' => 'Problem', 'type' => 'object', 'required' => ['message'], 'properties' => [
            new Property(['property' => 'message', 'type' => 'string', 'description' => 'One plain sentence for the person.']),
            new Property(['property' => 'reason', 'type' => 'string']),
            new Property(['property' => 'errors', 'type' => 'object', 'description' => 'By field.', 'additionalProperties' => $texts]),
        ], 'additionalProperties' => false]);
    }
}

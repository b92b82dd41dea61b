<?php

declare(strict_types=1);

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Validator;

// What docs/openapi.json says is what the server does.

function assertMatchesSchema(TestResponse $response, string $schema): void
{
    $validator = new Validator;
    // References within the file, made absolute, so that any part of it can be validated against.
    $document = json_decode(
        str_replace('"#/components', '"https://hovik.example/openapi.json#/components', (string) json_encode(openapi())),
    );
    $document->{'$id'} = 'https://hovik.example/openapi.json';
    $validator->resolver()->registerRaw($document);
    $result = $validator->validate(
        json_decode((string) $response->getContent()), "https://hovik.example/openapi.json#/components/schemas/$schema",
    );
    expect($result->isValid())->toBeTrue(
        "$schema: ".json_encode($result->error()?->keyword()).' at '.json_encode($result->error()?->data()->fullPath()).' '.json_encode($result->error()?->args()),
    );
}

it('names every route there is, and no other', function () {
    $routes = collect(Routes::getRoutes()->getRoutes())
        ->filter(fn (Route $route) => str_starts_with($route->uri(), 'api/')
                && ! in_array(
                    $route->uri(),
                    ['api/{unknown}', 'api/labs/{lab}/live', 'api/sections/{section}/stations/{station}/live', 'api/sections/{section}/live'],
                    true,
                ))
        ->flatMap(
            fn (Route $route) => collect($route->methods())->diff(['HEAD'])->map(
                fn (string $method) => strtolower($method).' /'.$route->uri(),
            ),
        )->sort()->values()->all();
    $named = collect(openapi()['paths'])->flatMap(
        fn (array $methods, string $path) => collect($methods)->keys()->map(fn (string $method) => "$method $path"),
    )->sort()->values()->all();
    expect($named)->toBe($routes);
});

it('answers in the shapes it names', function () {
    $lab = $this->openLab();
    $section = $lab->section;
    assertMatchesSchema($this->getJson('/api/session'), 'Session');
    assertMatchesSchema($this->getJson("/api/join/$section->code"), 'SectionNames');
    assertMatchesSchema($this->postJson('/api/teacher/session', []), 'Problem');
    $this->asStation($section->stations->first());
    assertMatchesSchema($this->getJson('/api/session'), 'Session');
    assertMatchesSchema($this->getJson('/api/work'), 'StationWork');
    assertMatchesSchema($this->weigh($lab->lines->first()), 'WeighingResult');
    assertMatchesSchema($this->weigh($lab->lines->last(), ['grams' => '3'], '01JDF8Z9X3M5N7P9Q1R3S5T7V1'), 'WeighingResult');
    assertMatchesSchema($this->getJson('/api/work'), 'StationWork');
    $this->asNobody()->asTeacher($section->teacher);
    assertMatchesSchema($this->getJson('/api/today'), 'Today');
    assertMatchesSchema($this->getJson("/api/labs/$lab->id/board"), 'Board');
});

it('leaves no room for what it does not name', function () {
    $open = [];
    $walk = function (mixed $part, string $path) use (&$walk, &$open): void {
        if (! is_array($part)) {
            return;
        }
        if (($part['type'] ?? null) === 'object' && isset($part['properties']) && ($part['additionalProperties'] ?? null) !== false) {
            $open[] = $path;
        }
        foreach ($part as $key => $below) {
            $walk($below, "$path/$key");
        }
    };
    $walk(openapi(), '');
    expect($open)->toBe([]);
});

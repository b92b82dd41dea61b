<?php

declare(strict_types=1);

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;

/** Every way into the API with made-up numbers in it: METHOD, address, the guards it asks for. */
$ways = function (): array {
    $ways = [];
    foreach (Routes::getRoutes() as $route) {
        /** @var Route $route */
        if (! str_starts_with($route->uri(), 'api/')) {
            continue;
        }
        $guards = array_merge(
            [],
            ...array_map(
                fn (string $one) => explode(',', substr($one, 5)),
                array_filter($route->gatherMiddleware(), fn (mixed $one) => is_string($one) && str_starts_with($one, 'auth:')),
            ),
        );
        foreach (array_diff($route->methods(), ['HEAD']) as $method) {
            $ways["$method {$route->uri()}"] = [$method, '/'.preg_replace('~\{[^}]+\}~', '1', $route->uri()), $guards];
        }
    }

    return $ways;
};
$doors = [
    'GET api/session', 'DELETE api/session', 'POST api/teacher/session', 'GET api/join/{code}', 'POST api/join', 'POST api/station/session',
    'POST api/set-up', 'GET api/slips/{code}', 'POST api/slips/{code}',
];

it('lets nobody in but by the doors', function () use ($ways, $doors) {
    $tried = 0;
    foreach ($ways() as $way => [$method, $url, $guards]) {
        if (in_array($way, $doors, true) || str_contains($way, '{unknown}')) {
            expect($guards)->toBe([], $way);

            continue;
        }
        $tried++;
        expect($this->json($method, $url)->status())->toBe(401, $way);
    }
    expect($tried)->toBeGreaterThan(60);
});

it('knows a teacher\'s routes from a student\'s and a station\'s', function () use ($ways) {
    $lab = $this->openLab();
    $station = $lab->section->stations[0];
    foreach ([
        'student' => fn () => $this->asStudent($station->students[0]), 'station' => fn () => $this->asStation($station),
        'teacher' => fn () => $this->asTeacher($lab->section->teacher),
    ] as $kind => $enter) {
        $this->asNobody();
        $enter();
        $tried = 0;
        foreach ($ways() as $way => [$method, $url, $guards]) {
            if ($guards === [] || in_array($kind, $guards, true)) {
                continue;
            }
            $tried++;
            expect($this->json($method, $url)->status())->toBe(401, "$kind: $way");
        }
        expect($tried)->toBeGreaterThan(5);
    }
});

describe('a station\'s stream', function () {
    beforeEach(function () {
        $this->lab = $this->openLab();
        [$this->hazel, $this->rowan] = $this->lab->section->stations->all();
        $this->listen = fn (int $station, ?int $section = null) => $this->getJson(
            '/api/sections/'.($section ?? $this->lab->section_id)."/stations/$station/live",
        );
    });

    it('is heard by its tablet and by its students, and by nobody else', function () {
        $this->asStation($this->hazel);
        ($this->listen)($this->hazel->id)->assertNoContent();
        ($this->listen)($this->rowan->id)->assertForbidden();
        $this->asNobody()->asStudent($this->hazel->students[0]);
        ($this->listen)($this->hazel->id)->assertNoContent();
        ($this->listen)($this->rowan->id)->assertForbidden();
        $this->asNobody()->asTeacher($this->lab->section->teacher); // a teacher hears the whole lab, by its own stream
        ($this->listen)($this->hazel->id)->assertUnauthorized();
        $this->asNobody();
        ($this->listen)($this->hazel->id)->assertUnauthorized();
    });

    it('is another class\'s only for that class, and none where there is no such class', function () {
        $other = $this->openLab($this->section('Foods 2'));
        $this->asStation($this->hazel);
        ($this->listen)($this->hazel->id, $other->section_id)->assertForbidden();
        ($this->listen)($this->hazel->id, 999999)->assertNotFound();
        $this->getJson("/api/sections/{$this->lab->section_id}/stations/hazel/live")->assertNotFound();
        $this->asNobody()->asStudent($other->section->stations[0]->students[0]);
        ($this->listen)($this->hazel->id)->assertForbidden();
    });

    it('follows a student who is moved, and leaves one without a seat', function () {
        $student = $this->hazel->students[0];
        $this->asStudent($student);
        $student->update(['station_id' => $this->rowan->id]);
        ($this->listen)($this->rowan->id)->assertNoContent();
        ($this->listen)($this->hazel->id)->assertForbidden();
        $student->update(['station_id' => null]);
        ($this->listen)($this->rowan->id)->assertForbidden();
    });
});

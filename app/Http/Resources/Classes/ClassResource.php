<?php

declare(strict_types=1);

namespace App\Http\Resources\Classes;

use App\Models\Colleague;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\MethodEffect;
use Hovik\Core\Technique\Schools;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property Section $resource */
#[OA\Schema(schema: 'Class', required: ['id', 'code', 'settings', 'schools', 'questions', 'stations', 'students', 'colleagues'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'code', type: 'string'),
    new OA\Property(property: 'settings', ref: '#/components/schemas/ClassSettings'),
    new OA\Property(property: 'schools', type: 'array', description: 'Where cooks disagree: one house method a family.', items: new OA\Items(required: ['family', 'methods'], type: 'object', properties: [
        new OA\Property(property: 'family', type: 'string'),
        new OA\Property(property: 'methods', type: 'array', items: new OA\Items(required: ['id', 'name', 'effect', 'chosen'], type: 'object', properties: [
            new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'effect', type: 'string', description: 'What it makes a cup weigh.'), new OA\Property(property: 'chosen', type: 'boolean'),
        ])),
    ])),
    new OA\Property(property: 'questions', type: 'array', description: 'Where cooks disagree about tools.', items: new OA\Items(required: ['id', 'text', 'answers'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'text', type: 'string'),
        new OA\Property(property: 'answers', type: 'array', items: new OA\Items(required: ['id', 'text', 'chosen'], type: 'object', properties: [
            new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'chosen', type: 'boolean'),
        ])),
    ])),
    new OA\Property(property: 'stations', type: 'array', items: new OA\Items(required: ['id', 'name', 'code', 'bowl_g'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'code', type: 'string'),
        new OA\Property(property: 'bowl_g', type: 'number', nullable: true, description: 'What its bowl weighs.'),
    ])),
    new OA\Property(property: 'students', type: 'array', items: new OA\Items(required: ['id', 'name', 'number', 'station_id', 'has_pin'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'number', type: 'integer'),
        new OA\Property(property: 'station_id', type: 'integer', nullable: true), new OA\Property(property: 'has_pin', type: 'boolean'),
    ])),
    new OA\Property(property: 'colleagues', type: 'array', items: new OA\Items(required: ['id', 'name', 'role'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'role', type: 'string', enum: ['co-teacher', 'aide']),
    ])),
])]
final class ClassResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $section = $this->resource;

        return [
            'id' => $section->id,
            'code' => $section->code,
            'settings' => [
                'name' => $section->name, 'starts_at' => substr($section->starts_at, 0, 5), 'ends_at' => substr($section->ends_at, 0, 5),
                'standard' => $section->standard->value, 'tolerance_level' => $section->tolerance_level->value, 'methods' => $section->methods, 'schools' => (object) ($section->schools ?? []),
                'shows_target' => $section->shows_target, 'asks_guess' => $section->asks_guess, 'asks_prediction' => $section->asks_prediction, 'open_to_join' => $section->open_to_join,
            ],
            'schools' => array_map(fn (Family $family): array => $this->school($family), [Family::FinePowder, Family::MoistSugar]),
            'questions' => array_map(fn (string $question): array => $this->question($question), array_keys(Schools::QUESTIONS)),
            'stations' => $section->stations->map(fn (Station $station): array => ['id' => $station->id, 'name' => $station->name, 'code' => $station->code, 'bowl_g' => $station->bowl_g === null ? null : (float) $station->bowl_g])->all(),
            'students' => $section->students->map(fn (Student $student): array => ['id' => $student->id, 'name' => $student->name, 'number' => $student->roster_number, 'station_id' => $student->station_id, 'has_pin' => $student->pin !== null])->all(),
            'colleagues' => $section->colleagues->map(fn (Colleague $colleague): array => ['id' => $colleague->id, 'name' => $colleague->teacher->name, 'role' => $colleague->role])->all(),
        ];
    }

    /** @return array<string, mixed> */
    private function question(string $question): array
    {
        $section = $this->resource;
        $settled = $section->schoolsSettled()->answer($question);
        $pantry = $section->kitchen->pantry();

        return [
            'id' => $question,
            'text' => Said::phrase(Phrase::of("school.$question")),
            'answers' => array_map(static fn (string $answer): array => [
                'id' => $answer,
                'text' => Said::phrase(MethodEffect::ofAnswer($question, $answer, $section->standard, $pantry)),
                'chosen' => $answer === $settled,
            ], Schools::QUESTIONS[$question]),
        ];
    }

    /** @return array<string, mixed> */
    private function school(Family $family): array
    {
        $section = $this->resource;
        $methods = HouseMethod::forFamily($family);
        $chosen = array_values(array_filter($methods, static fn (HouseMethod $method): bool => in_array($method->value, $section->methods, true)))[0] ?? $methods[0];

        return ['family' => $family->value, 'methods' => array_map(static fn (HouseMethod $method): array => [
            'id' => $method->value,
            'name' => Said::phrase(Phrase::of("method.$method->value")),
            'effect' => Said::phrase(MethodEffect::of($method, $chosen, $section->standard, $section->kitchen->pantry())),
            'chosen' => $method === $chosen,
        ], $methods)];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Auth;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Session', required: ['kind', 'name', 'school'], properties: [
    new OA\Property(property: 'kind', enum: ['teacher', 'student', 'station', 'nobody'], type: 'string'),
    new OA\Property(property: 'name', type: 'string', nullable: true),
    new OA\Property(property: 'school', type: 'string', nullable: true),
])]
final class SessionResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $actor = Auth::guard('teacher')->user() ?? Auth::guard('student')->user() ?? Auth::guard('station')->user();
        $kitchen = match (true) {
            $actor instanceof Teacher => $actor->kitchen,
            $actor instanceof Student, $actor instanceof Station => $actor->section->kitchen,
            default => null,
        };

        return [
            'kind' => match (true) {
                $actor instanceof Teacher => 'teacher',
                $actor instanceof Student => 'student',
                $actor instanceof Station => 'station',
                default => 'nobody',
            },
            'name' => $actor instanceof Teacher || $actor instanceof Student || $actor instanceof Station ? $actor->name : null,
            'school' => $kitchen?->school,
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;
use App\Models\Section;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Practice\Aim;
use Illuminate\Validation\Rule;

/** Practice for those who need it. */
final class ReteachRequest extends ApiRequest
{
    private const MOST = 60;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $section = $this->route('section');

        return [
            'aims' => ['required', 'array', 'list', 'min:1', 'max:10'],
            'aims.*' => ['string', 'distinct', Rule::in(array_map(
                static fn (Aim $aim): string => $aim->id(), [...Aim::all(), ...Aim::allWith(Family::cases())],
            ))],
            'students' => ['required', 'array', 'list', 'min:1', 'max:'.self::MOST],
            'students.*' => ['integer', 'distinct', Rule::exists('students', 'id')
                ->where('section_id', $section instanceof Section ? $section->id : 0)],
        ];
    }

    /** @return list<string> */
    public function aims(): array
    {
        return $this->texts('aims');
    }

    /** @return list<int> */
    public function students(): array
    {
        return array_values(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, (array) $this->input('students')));
    }
}

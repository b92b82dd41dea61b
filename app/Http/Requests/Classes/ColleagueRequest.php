<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Classes\ColleagueRole;
use App\Http\Requests\ApiRequest;
use App\Models\Section;
use App\Models\Teacher;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Validation\Rule;

final class ColleagueRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:190'], 'role' => ['required', 'string', Rule::enum(ColleagueRole::class)]];
    }

    public function role(): ColleagueRole
    {
        return ColleagueRole::from($this->string('role')->toString());
    }

    /** A teacher of the same kitchen, other than the class's own. */
    public function colleague(Section $section): Teacher
    {
        return Teacher::query()->where('deactivated_at', null)->where(
            'kitchen_id', $section->kitchen_id,
        )->where('email', $this->mail())->whereKeyNot($section->teacher_id)->first()
            ?? throw InvalidInput::because('email', Phrase::of('refusal.no-such-colleague'));
    }
}

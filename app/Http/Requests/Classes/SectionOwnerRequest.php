<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Requests\ApiRequest;
use App\Http\Views\Classes\SectionHeirs;
use App\Models\Section;
use App\Models\Teacher;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

final class SectionOwnerRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['teacher_id' => ['required', 'integer']];
    }

    public function heir(Section $section): Teacher
    {
        return SectionHeirs::query($section)->find($this->integer('teacher_id'))
            ?? throw InvalidInput::because('teacher_id', Phrase::of('refusal.no-such-heir'));
    }
}

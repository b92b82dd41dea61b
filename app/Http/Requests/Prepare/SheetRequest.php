<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Models\Recipe;
use App\Models\Section;
use App\Models\Teacher;
use App\Recipes\RecipeSheet;
use Hovik\Core\InvalidInput;
use Hovik\Core\Recipe\Factor;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** Which class reads a recipe, and how much of it. */
class SheetRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'section' => ['nullable', 'integer'],
            'factor' => ['nullable', 'string', 'max:40'],
            'use_up_line' => ['nullable', 'integer', 'min:0', 'max:400'],
            'use_up_g' => ['nullable', 'numeric', 'min:0.1', 'max:1000000'],
        ];
    }

    /** The class asked for, if it is this teacher's; else their first. */
    public function section(): Section
    {
        /** @var Teacher $teacher */
        $teacher = $this->user();
        $sections = $teacher->classes()->sortBy('id');

        return ($this->filled('section') ? $sections->find($this->integer('section')) : $sections->first()) ?? throw ValidationException::withMessages(['section' => [__('refusals.no_class')]]);
    }

    /** @throws InvalidInput when the factor is no number above zero */
    public function sheet(Recipe $recipe): RecipeSheet
    {
        $sheet = RecipeSheet::of($recipe->newest, $this->section(), $this->factor());
        if (! $this->filled('use_up_line')) {
            return $sheet;
        }
        $line = $sheet->lines[$this->integer('use_up_line')]->line ?? throw ValidationException::withMessages(['use_up_line' => [__('refusals.no_such_line')]]);

        return RecipeSheet::of($recipe->newest, $this->section(), Factor::toUseUp($line, $this->float('use_up_g'), $sheet->standard, $sheet->pantry));
    }

    private function factor(): Factor
    {
        return Factor::of($this->filled('factor') ? $this->string('factor')->toString() : '1');
    }
}

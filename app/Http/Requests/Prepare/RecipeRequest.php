<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Exchange\RecipeJsonLd;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\Recipe;
use Hovik\Core\Recipe\RecipeReader;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** A pasted recipe. */
#[OA\Schema(schema: 'RecipeSummary', required: ['id', 'title', 'version', 'changed_at', 'ingredients'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'version', type: 'integer'), new OA\Property(property: 'changed_at', type: 'string', format: 'date-time'),
    new OA\Property(property: 'ingredients', type: 'integer', description: 'Lines, headings included.'),
])]
#[OA\Schema(schema: 'RecipeText', required: ['text'], properties: [
    new OA\Property(property: 'text', type: 'string', description: 'The recipe as pasted: title, ingredients, directions; or schema.org Recipe JSON-LD.'),
    new OA\Property(property: 'title', type: 'string', nullable: true, description: 'Where the text has none, or another is wanted.'),
    new OA\Property(property: 'note', type: 'string', nullable: true, description: 'Of a new version: what changed, and why.'),
])]
final class RecipeRequest extends FormRequest
{
    private ?Recipe $read = null;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:'.RecipeReader::MOST_LETTERS], 'title' => ['nullable', 'string', 'max:120'], 'note' => ['nullable', 'string', 'max:200']];
    }

    public function recipe(): Recipe
    {
        $text = $this->string('text')->toString();
        if (RecipeJsonLd::looksLikeIt($text)) {
            $text = RecipeJsonLd::asText($text) ?? throw ValidationException::withMessages(['text' => [__('refusals.no_json_recipe')]]);
        }

        return $this->read ??= (new RecipeReader(Pantry::reference()))->read($text);
    }

    /** The one given, else the text's own. */
    public function title(): string
    {
        $title = $this->string('title')->trim()->toString();
        $title = $title !== '' ? $title : (string) $this->recipe()->title;

        return $title !== '' ? mb_substr($title, 0, 120) : throw ValidationException::withMessages(['title' => [__('refusals.no_title')]]);
    }

    public function note(): string
    {
        return $this->string('note')->trim()->toString();
    }
}

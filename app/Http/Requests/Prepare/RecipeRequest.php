<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Exchange\RecipeJsonLd;
use App\Http\Requests\ApiRequest;
use Hovik\Core\InvalidInput;
use Hovik\Core\Recipe\BakersFormula;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\Recipe;
use Hovik\Core\Recipe\RecipeReader;
use Hovik\Core\Words\Phrase;

/** A pasted recipe. */
final class RecipeRequest extends ApiRequest
{
    private ?Recipe $read = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:'.RecipeReader::LONGEST_PAGE],
            // Grams of flour, where the recipe is in bakers' per cent.
            'flour' => ['nullable', 'string', 'max:12'],
            'title' => ['nullable', 'string', 'max:120'],
            'note' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** Read once, with the kitchen's own foods. */
    public function recipe(): Recipe
    {
        if ($this->read === null) {
            $pantry = $this->teacher()->kitchen->pantry();
            $flour = $this->string('flour')->toString();
            $this->read = BakersFormula::inGrams((new RecipeReader($pantry))->read($this->text()), $flour, new LineReader($pantry));
        }

        return $this->read;
    }

    /** The one given, else the text's own. */
    public function title(): string
    {
        $title = $this->string('title')->trim()->toString();
        $title = $title !== '' ? $title : (string) $this->recipe()->title;

        return $title !== '' ? mb_substr($title, 0, 120) : throw InvalidInput::because('title', Phrase::of('refusal.no-title'));
    }

    public function note(): string
    {
        return $this->string('note')->trim()->toString();
    }

    private function text(): string
    {
        $text = $this->string('text')->toString();
        if (! RecipeJsonLd::looksLikeIt($text)) {
            return RecipeJsonLd::inPage($text) ?? $text;
        }

        return RecipeJsonLd::asText($text) ?? throw InvalidInput::because('text', Phrase::of('refusal.no-json-recipe'));
    }
}

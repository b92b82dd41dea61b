<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;
use App\Models\Lab;
use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Words\Phrase;

/** What a station measures instead of a line, written as a recipe would; nothing: it leaves the line out. */
final class LabSwapRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['present', 'nullable', 'string', 'max:200']];
    }

    /**
     * @return array<string, mixed> the columns of a swap
     *
     * @throws InvalidInput at `text`, when it does not say an amount and a food
     */
    public function kept(Lab $lab): array
    {
        $text = trim($this->string('text')->toString());
        if ($text === '') {
            return ['text' => null, 'ingredient_id' => null, 'amount' => null, 'unit' => null, 'method' => null];
        }
        $section = $lab->section;
        $pantry = $section->kitchen->pantry();
        $settled = SettledLine::from((new LineReader($pantry))->read($text), $section->standard)
            ?? throw InvalidInput::because('text', Phrase::of('refusal.swap-unread'));
        try {
            $settled->mustMakeSense($pantry);
        } catch (InvalidInput $senseless) {
            throw InvalidInput::because('text', $senseless->phrase);
        }

        return [
            'text' => $text, 'ingredient_id' => $settled->ingredient->id, 'amount' => KitchenNotation::write($settled->amount->number),
            'unit' => $settled->amount->unit, 'method' => $settled->method,
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;
use Hovik\Core\InvalidInput;
use Hovik\Core\Recipe\Directions\DirectionStep;
use Hovik\Core\Recipe\Directions\DoneBy;
use Hovik\Core\Recipe\RecipeLine;
use Hovik\Core\Words\Phrase;
use Illuminate\Validation\Rule;

/** What a teacher settles about one step of the directions. */
final class DirectionRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'by' => ['required', 'string', Rule::enum(DoneBy::class)],
            'gloves' => ['required', 'boolean'],
            'note' => ['nullable', 'string', 'max:'.DirectionStep::LONGEST_NOTE],
            'lines' => ['present', 'array', 'list', 'max:60'],
            'lines.*' => ['string', 'max:40', 'distinct'],
        ];
    }

    /**
     * @param  list<RecipeLine>  $lines  of the recipe
     *
     * @throws InvalidInput where a line is none of the recipe's
     */
    public function settled(DirectionStep $step, array $lines): DirectionStep
    {
        $used = $this->texts('lines');
        if (array_diff($used, array_column($lines, 'id')) !== []) {
            throw InvalidInput::because('lines', Phrase::of('refusal.no-such-line'));
        }
        $note = trim($this->string('note')->toString());

        return new DirectionStep(
            $step->text, $used, DoneBy::from($this->string('by')->toString()), $this->boolean('gloves'), $note === '' ? null : $note, true,
        );
    }
}

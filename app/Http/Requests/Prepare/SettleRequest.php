<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\RecipeLine;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Technique\HouseMethod;

/** What a teacher says a line means. The core says whether that makes sense. */
final class SettleRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'as' => ['required', 'string', 'in:settled,left-out,heading,read'],
            'ingredient' => ['required_if:as,settled', 'string', 'max:60'],
            'amount' => ['required_if:as,settled', 'string', 'max:40'],
            'unit' => ['required_if:as,settled', 'string', 'max:20'],
            'method' => ['nullable', 'string', 'max:24'],
            // What a US cup of it weighs by this recipe, where that is taken instead of the kitchen's weight.
            'g_per_us_cup' => ['nullable', 'string', 'regex:/^\d{1,4}(\.\d{1,4})?$/'],
            // The line's word means this food from now on, in this kitchen.
            'always' => ['sometimes', 'boolean'],
        ];
    }

    /** @throws InvalidInput naming the field: a method of another family, a cup of lemons, a can of no size */
    public function answered(RecipeLine $line): RecipeLine
    {
        return match ($this->string('as')->toString()) {
            'left-out' => $line->leftOut(),
            'heading' => $line->asHeading(),
            'read' => $line->asRead((new LineReader($this->teacher()->kitchen->pantry()))->read($line->text)),
            default => $line->settled($this->settled()),
        };
    }

    /** What the line's word means from now on; null where it is said of this line only, or the word means one food anyway. */
    public function meaning(RecipeLine $line): ?string
    {
        return $this->boolean('always') && $this->string('as')->toString() === 'settled'
            ? (new LineReader($this->teacher()->kitchen->pantry()))->read($line->text)->openWord
            : null;
    }

    private function settled(): SettledLine
    {
        $pantry = $this->teacher()->kitchen->pantry();
        $amount = Amount::of($this->string('amount')->toString(), Unit::named($this->string('unit')->toString()));
        $method = $this->filled('method') ? HouseMethod::named($this->string('method')->toString()) : null;
        $food = $pantry->measuredBy($amount->unit, $pantry->ingredient($this->string('ingredient')->toString()));
        $given = new JsonInput(['g_per_us_cup' => $this->string('g_per_us_cup')->toString()]);
        $cup = $this->filled('g_per_us_cup') ? $given->decimal('g_per_us_cup') : null;
        $settled = SettledLine::of($food, $amount, $method, false, $cup);
        $settled->mustMakeSense($pantry);

        return $settled;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Period\Fixed;

/** How long the fixed blocks of a period take. */
final class PeriodRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $minutes = ['sometimes', 'numeric', 'min:0', 'max:180'];

        return [
            'minutes' => ['required', 'array:'.implode(',', array_column(Fixed::cases(), 'value'))],
            ...array_fill_keys(array_map(static fn (Fixed $block): string => "minutes.$block->value", Fixed::cases()), $minutes),
        ];
    }

    /** @return array<string, int> by block */
    public function seconds(): array
    {
        return array_map(
            static fn (mixed $minutes): int => Fixed::seconds(is_numeric($minutes) ? (float) $minutes : 0.0),
            $this->array('minutes'),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Lab\EditedList;

/** How a teacher changes a list that Hovik proposes. */
final class EditedListRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'own' => ['present', 'array', 'list', 'max:'.EditedList::MOST],
            'own.*' => ['required', 'string', 'max:'.EditedList::LONGEST, 'distinct'],
            'without' => ['present', 'array', 'list', 'max:60'],
            'without.*' => ['string', 'max:40'],
        ];
    }

    public function edited(): EditedList
    {
        return new EditedList(array_values(array_filter(
            array_map(trim(...), $this->texts('own')), static fn (string $one): bool => $one !== '',
        )), $this->texts('without'));
    }
}

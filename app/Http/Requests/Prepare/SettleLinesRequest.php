<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Recipe\RecipeLine;
use Hovik\Core\Recipe\RecipeReader;

/** What several lines are that are nothing to measure. */
final class SettleLinesRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'as' => ['required', 'string', 'in:left-out,heading'],
            'lines' => ['required', 'array', 'list', 'min:1', 'max:'.RecipeReader::MOST_LINES],
            'lines.*' => ['string', 'max:20'],
        ];
    }

    /** @return list<string> */
    public function lines(): array
    {
        return $this->texts('lines');
    }

    public function answered(RecipeLine $line): RecipeLine
    {
        return $this->string('as')->toString() === 'heading' ? $line->asHeading() : $line->leftOut();
    }
}

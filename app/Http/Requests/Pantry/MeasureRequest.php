<?php

declare(strict_types=1);

namespace App\Http\Requests\Pantry;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\WayBack;

final class MeasureRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['grams' => ['required', 'string', 'max:12']];
    }

    public function measure(string $ingredient): KitchenMeasure
    {
        $teacher = $this->teacher();
        $standard = $teacher->classes()->first()->standard ?? MeasureStandard::UsCustomary;
        $pantry = $teacher->kitchen->pantry();
        $grams = Amount::of($this->string('grams')->toString(), Unit::Gram, 'grams');

        return WayBack::measure($grams->number, $pantry->ingredient($ingredient), $standard, $pantry);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Pantry;

use App\Models\Teacher;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Illuminate\Foundation\Http\FormRequest;

final class MeasureRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['grams' => ['required', 'string', 'max:12']];
    }

    public function measure(string $ingredient): KitchenMeasure
    {
        /** @var Teacher $teacher */
        $teacher = $this->user();
        $standard = $teacher->classes()->first()->standard ?? MeasureStandard::UsCustomary;
        $pantry = $teacher->kitchen->pantry();

        return Conversion::nearestMeasure(Amount::of($this->string('grams')->toString(), Unit::Gram, 'grams'), $pantry->ingredient($ingredient), $standard, $pantry);
    }
}

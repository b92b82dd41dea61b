<?php

declare(strict_types=1);

namespace App\Http\Requests\Pantry;

use App\Http\Requests\Prepare\ClassPickRequest;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\WayBack;

/** Grams, to be measured by a class's cup. */
final class MeasureRequest extends ClassPickRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['grams' => ['required', 'string', 'max:12']];
    }

    public function measure(string $ingredient): KitchenMeasure
    {
        $teacher = $this->teacher();
        $standard = $teacher->running()->isEmpty() ? MeasureStandard::UsCustomary : $this->section()->standard;
        $pantry = $teacher->kitchen->pantry();
        $grams = Amount::of($this->string('grams')->toString(), Unit::Gram, 'grams');

        return WayBack::measure($grams->number, $pantry->ingredient($ingredient), $standard, $pantry);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Models\Teacher;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\TechniqueCatalogue;
use Illuminate\Foundation\Http\FormRequest;

/** What a teacher says a line means. The core says whether that makes sense. */
final class SettleRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'as' => ['required', 'in:settled,left-out,read'],
            'ingredient' => ['required_if:as,settled', 'string', 'max:60'],
            'amount' => ['required_if:as,settled', 'string', 'max:40'],
            'unit' => ['required_if:as,settled', 'string', 'max:20'],
            'method' => ['nullable', 'string', 'max:24'],
        ];
    }

    /** @return array{ingredient: string, amount: string, unit: string, method: string|null}|null */
    public function settled(): ?array
    {
        if ($this->string('as')->toString() !== 'settled') {
            return null;
        }
        /** @var Teacher $teacher */
        $teacher = $this->user();
        $pantry = $teacher->kitchen->pantry();
        $ingredient = $pantry->ingredient($this->string('ingredient')->toString());
        $amount = Amount::of($this->string('amount')->toString(), Unit::named($this->string('unit')->toString()));
        $method = $this->filled('method') ? HouseMethod::named($this->string('method')->toString()) : null;
        // Refuses a method of another family, a cup of eggs, a can of no size.
        TechniqueCatalogue::methodFor($ingredient, $method);
        Conversion::toGrams($amount, $ingredient, MeasureStandard::UsCustomary, $pantry, $method?->handling());

        return ['ingredient' => $ingredient->id, 'amount' => KitchenNotation::write($amount->number), 'unit' => $amount->unit->value, 'method' => $method?->value];
    }
}

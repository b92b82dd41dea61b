<?php

declare(strict_types=1);

namespace App\Http\Requests\Drawer;

use App\Http\Requests\ApiRequest;
use App\Http\Requests\TypedNumber;
use App\Models\Scale;
use Hovik\Core\Calibration\CheckEvery;
use Hovik\Core\Calibration\ScaleCheck;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** Known weights from empty to full, one of them again and again, and at the corners: what lay on a scale, and what it showed. */
final class FullScaleCheckRequest extends ApiRequest
{
    private const DIGITS = 'regex:/^-?\d{1,6}(\.\d{1,4})?$/';

    protected function prepareForValidation(): void
    {
        $read = static fn (mixed $typed): mixed => is_array($typed) ? array_map(TypedNumber::read(...), $typed) : $typed;
        $weights = $this->input('weights');
        $this->merge([
            'weights' => is_array($weights) ? array_map($read, $weights) : $weights,
            'repeats' => $read($this->input('repeats')), 'corners' => $read($this->input('corners')),
        ]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $number = ['required', 'numeric', self::DIGITS];

        return [
            'weights' => ['required', 'array', 'list', 'min:1', 'max:30'],
            'weights.*.nominal' => [...$number, 'min:0'],
            'weights.*.reading' => $number,
            'repeats' => ['present', 'array', 'list', 'max:12'],
            'repeats.*' => $number,
            'corners' => ['present', 'array', 'list', 'max:5'],
            'corners.*' => $number,
            'every' => ['required', 'string', 'in:'.implode(',', array_column(CheckEvery::cases(), 'value'))],
            'accept' => ['required', 'boolean'],
        ];
    }

    public function given(Scale $scale): ScaleCheck
    {
        $core = $scale->toCore();
        $weights = [];
        foreach (array_keys((array) $this->input('weights')) as $i) {
            $nominal = $this->float("weights.$i.nominal");
            if ($core->capacityG !== null && $nominal > $core->capacityG) {
                throw InvalidInput::because("weights.$i.nominal", Phrase::of('refusal.weight-for-scale'));
            }
            $weights[] = ['nominal_g' => $nominal, 'reading_g' => $this->float("weights.$i.reading")];
        }

        return ScaleCheck::of($weights, $core->readabilityG, $this->readings('repeats'), $this->readings('corners'));
    }

    /** @return list<float> */
    private function readings(string $field): array
    {
        return array_map(fn (int|string $i): float => $this->float("$field.$i"), array_keys((array) $this->input($field)));
    }
}

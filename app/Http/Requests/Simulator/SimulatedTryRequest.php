<?php

declare(strict_types=1);

namespace App\Http\Requests\Simulator;

use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Simulator\HandlingChoices;
use Hovik\Core\Simulator\SimulatedTry;
use Hovik\Core\Simulator\Simulator;
use Hovik\Core\Weighing\Verdict;
use Illuminate\Support\Arr;

/** How it is measured there, and what is done on the scale. */
final class SimulatedTryRequest extends SimulatorRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'scale' => ['sometimes', 'string', 'in:'.implode(',', self::SCALES)],
            'seed' => ['sometimes', 'integer', 'min:0', 'max:999999'],
            ...self::handsAt('hands'),
            ...self::handsAt('other'),
            'draws' => ['sometimes', 'integer', 'min:1', 'max:'.Simulator::MOST_DRAWS],
            'bowl_g' => ['sometimes', 'numeric', 'min:0', 'max:5000'],
            'actions' => ['sometimes', 'array', 'list', 'max:60'],
            'actions.*' => ['string', 'max:12'],
            'check' => ['sometimes', 'boolean'],
            'predicted' => ['sometimes', 'nullable', 'string', 'in:level,heaped,shy'],
        ];
    }

    /** @return array<string, list<string>> what may be said of two hands: which of it means something for the food, the simulator knows */
    private static function handsAt(string $field): array
    {
        $all = ['' => ['sometimes', 'array', 'max:20']];
        foreach (['preparation', 'filling', 'settling', 'levelling', 'curve'] as $choice) {
            $all[".$choice"] = ['sometimes', 'nullable', 'string', 'max:20'];
        }
        foreach (['eye_deg', 'share_across'] as $number) {
            $all[".$number"] = ['sometimes', 'nullable', 'numeric'];
        }
        foreach (['held', 'scraped'] as $yes) {
            $all[".$yes"] = ['sometimes', 'nullable', 'boolean'];
        }

        return Arr::mapWithKeys($all, static fn (array $rules, string $name): array => [$field.$name => $rules]);
    }

    public function given(): SimulatedTry
    {
        $simulator = $this->simulator();

        return new SimulatedTry(
            simulator: $simulator,
            hands: $this->hands($simulator, 'hands'),
            scale: ToolCatalogue::scale($this->string('scale', self::SCALES[0])->toString(), 0.0),
            bowlG: $this->float('bowl_g'),
            actions: $this->texts('actions'),
            seed: $this->integer('seed', 1),
            isChecked: $this->boolean('check'),
            predicted: $this->filled('predicted') ? Verdict::from($this->string('predicted')->toString()) : null,
        );
    }

    /** The other way, where two are compared. */
    public function other(SimulatedTry $try): HandlingChoices
    {
        return $this->hands($try->simulator, 'other');
    }

    private function hands(Simulator $simulator, string $field): HandlingChoices
    {
        return HandlingChoices::of($this->array($field), $simulator->ingredient, $simulator->pantry, "$field.");
    }
}

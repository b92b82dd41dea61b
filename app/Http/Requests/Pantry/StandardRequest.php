<?php

declare(strict_types=1);

namespace App\Http\Requests\Pantry;

use App\Http\Requests\ApiRequest;
use App\Http\Requests\TypedNumber;
use App\Models\Kitchen;
use App\Models\Weighing;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Standard\OwnStandard;
use Hovik\Core\Standard\Trial;
use Hovik\Core\Words\Phrase;
use Illuminate\Validation\Rule;

/** Trials of a food's weight, typed or taken from labs. */
final class StandardRequest extends ApiRequest
{
    private const DIGITS = 'regex:/^\d{1,4}(\.\d{1,3})?$/';

    protected function prepareForValidation(): void
    {
        $trials = $this->input('trials');
        if (is_array($trials)) {
            $this->merge(['trials' => array_map(
                static fn (mixed $one): mixed => is_array($one) ? ['grams' => TypedNumber::read($one['grams']
                    ?? null)] + $one : $one, $trials,
            )]);
        }
        $this->readNumbers('packet_grams');
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $kitchen = $this->user()->kitchen_id ?? 0;

        return [
            'handling' => ['required', 'string', 'in:'.implode(',', array_column(Handling::cases(), 'value'))],
            'tool' => ['required', 'string', 'max:60'],
            'named' => ['present', 'nullable', 'integer', Rule::exists('named_tools', 'id')->where('kitchen_id', $kitchen)],
            'scale_id' => ['present', 'nullable', 'integer', Rule::exists('scales', 'id')->where('kitchen_id', $kitchen)],
            'trials' => ['present', 'array', 'list', 'max:60'],
            'trials.*.grams' => ['required', 'numeric', self::DIGITS],
            'trials.*.weighing' => ['present', 'nullable', 'string', 'max:40'],
            'trials.*.where' => ['present', 'nullable', 'string', 'max:40'],
            'trials.*.left_out' => ['required', 'boolean'],
            'packet_grams' => ['nullable', 'numeric', self::DIGITS],
            'packet_amount' => ['nullable', 'required_with:packet_grams', 'string', 'max:12'],
        ];
    }

    /** @return array<string, mixed> */
    public function columns(Kitchen $kitchen): array
    {
        $tool = $this->string('tool')->toString();
        ToolCatalogue::tool($tool, MeasureStandard::UsCustomary, field: 'tool'); // refuses what is no tool
        $named = $this->input('named') === null ? null : $kitchen->namedTools->find($this->integer('named'));
        if ($named !== null && $named->catalogue_id !== $tool) {
            throw InvalidInput::because('named', Phrase::of('refusal.no-such', ['id' => $named->name]));
        }

        return [
            'handling' => Handling::from($this->string('handling')->toString()), 'catalogue_id' => $tool, 'named_tool_id' => $named?->id,
            'scale_id' => $this->input('scale_id') === null ? null : $this->integer('scale_id'),
            'trials' => $this->trials($kitchen), 'packet_g' => $this->packet(),
        ];
    }

    /** @return list<Trial> */
    private function trials(Kitchen $kitchen): array
    {
        $trials = [];
        foreach (array_keys((array) $this->input('trials')) as $i) {
            $id = $this->input("trials.$i.weighing");
            $weighing = is_string($id) ? Weighing::query()->find($id) : null;
            if (is_string($id) && $weighing?->station->section->kitchen_id !== $kitchen->id) {
                throw InvalidInput::because("trials.$i.weighing", Phrase::of('refusal.no-such', ['id' => $id]));
            }
            $where = $this->string("trials.$i.where")->toString();
            $trials[] = new Trial(
                $this->float("trials.$i.grams"), $weighing?->id, $where === '' ? null : $where,
                $weighing?->created_at->toDateString() ?? $kitchen->school->today(), $this->boolean("trials.$i.left_out"),
            );
        }

        return $trials;
    }

    /** g a US cup; null where no packet was read. */
    private function packet(): ?string
    {
        if ($this->input('packet_grams') === null) {
            return null;
        }
        $cups = KitchenNotation::read($this->string('packet_amount')->toString(), 'packet_amount');
        if (! $cups->isPositive()) {
            throw InvalidInput::because('packet_amount', Phrase::of('refusal.above-zero'));
        }

        return sprintf('%.2F', OwnStandard::ofServing(
            $this->float('packet_grams'), Amount::of($cups, Unit::Cup)->inBase(MeasureStandard::UsCustomary),
        ));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Checks;

use App\Checks\CheckedTool;
use App\Http\Requests\ApiRequest;
use App\Http\Requests\TypedNumber;
use App\Models\Kitchen;
use App\Models\Scale;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\ToolCheck;
use Hovik\Core\Calibration\Inspection;
use Hovik\Core\Calibration\VolumeCheck;
use Hovik\Core\Calibration\Water;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\Gate;

/** A water check as a device sends it: readings as the scale showed them, and how warm the water was. */
final class ToolCheckRequest extends ApiRequest
{
    public const FROM_ADDRESS = ['id'];

    private const DIGITS = 'regex:/^\d{1,6}(\.\d{1,4})?$/';

    public function authorize(): bool
    {
        $id = $this->route('check');
        $kept = is_string($id) ? ToolCheck::query()->find(strtoupper($id)) : null;

        return $kept === null || Gate::allows('make', $kept);
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers('water');
        if (is_array($this->input('readings'))) {
            $this->merge(['readings' => array_map(TypedNumber::read(...), $this->input('readings'))]);
        }
        $this->merge(['id' => $this->route('check')]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'kind' => ['required', 'string', 'max:60'],
            'name' => ['required', 'string', 'max:60'],
            'place' => ['present', 'nullable', 'string', 'max:40'],
            'mark' => ['present', 'nullable', 'string', 'max:40'],
            'readings' => ['required', 'array', 'list', 'min:'.VolumeCheck::LEAST, 'max:12'],
            'readings.*' => ['required', 'numeric', self::DIGITS],
            'water' => ['required', 'numeric', self::DIGITS],
            'degrees' => ['required', 'string', 'in:C,F'],
            'scale_id' => ['required', 'integer'],
            'faults' => ['present', 'array', 'list', 'max:12'],
            'faults.*' => ['string', 'in:'.implode(',', array_column(Inspection::cases(), 'value'))],
            'student_id' => ['nullable', 'integer'],
        ];
    }

    public function kitchen(): Kitchen
    {
        $actor = $this->user();
        assert($actor instanceof Teacher || $actor instanceof Student || $actor instanceof Station);

        return $actor instanceof Teacher ? $actor->kitchen : $actor->section->kitchen;
    }

    public function given(): CheckedTool
    {
        $kind = $this->string('kind')->toString();
        $tool = ToolCatalogue::tool($kind, MeasureStandard::UsCustomary, field: 'kind');
        $text = $this->string('mark')->toString();
        $mark = $text === '' ? null : array_column($tool->marks, null, 'text')[$text] ?? throw self::because('mark',
            'refusal.no-such-mark');
        $scale = Scale::query()->where('kitchen_id', $this->kitchen()->id)->where('out_of_order', false)->find($this->integer('scale_id'))
            ?? throw self::because('scale_id', 'refusal.no-such-scale');
        $core = $scale->toCore();
        $readings = [];
        foreach (array_keys((array) $this->input('readings')) as $i) {
            $readings[] = ScaleReading::fromDisplay($this->float("readings.$i"), $core, "readings.$i")->grams;
        }
        $water = $this->string('degrees')->toString() === 'F' ? Water::atFahrenheit($this->float('water')) : Water::at($this
            ->float('water'), 'water');

        return new CheckedTool(
            strtoupper($this->string('id')->toString()), $kind, $this->string('name')->trim()->toString(), $this->place(), $text,
            VolumeCheck::ofTool($tool, $mark, $readings, $water, $core), $this->faults($tool), $scale, $this->by(), $this->lab(),
        );
    }

    private function place(): ?string
    {
        $place = $this->string('place')->trim()->toString();

        return $place === '' ? null : $place;
    }

    /** @return list<Inspection> */
    private function faults(Tool $tool): array
    {
        $asked = Inspection::of($tool->kind);

        return array_values(array_filter(
            array_map(Inspection::from(...), $this->texts('faults')), static fn (Inspection $one): bool => in_array($one, $asked, true),
        ));
    }

    private function by(): Teacher|Student
    {
        $actor = $this->user();
        if ($actor instanceof Station) {
            return $actor->students()->find($this->integer('student_id')) ?? throw self::because('student_id', 'refusal.not-at-station');
        }
        assert($actor instanceof Teacher || $actor instanceof Student);

        return $actor;
    }

    private function lab(): ?\App\Models\Lab
    {
        $actor = $this->user();

        return $actor instanceof Student || $actor instanceof Station ? $actor->section->openLab : null;
    }

    private static function because(string $field, string $id): InvalidInput
    {
        return InvalidInput::because($field, Phrase::of($id));
    }
}

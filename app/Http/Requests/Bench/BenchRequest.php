<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Hovik\Core\Bench\Bench;
use Hovik\Core\Bench\Hands;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Weighing\ToleranceLevel;
use Illuminate\Foundation\Http\FormRequest;

/** What lies on the bench. Everybody who is signed in may try things there; nothing is stored. */
class BenchRequest extends FormRequest
{
    public const SCALES = ['scale-1g-5kg', 'scale-0-1g-500g', 'scale-2g-5kg', 'scale-0-01g-200g', 'scale-5g-10kg'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ingredient' => ['required', 'string', 'max:60'],
            'amount' => ['required', 'string', 'max:20'],
            'unit' => ['required', 'string', 'max:20'],
            'plan' => ['sometimes', 'integer', 'min:0', 'max:20'],
            'scale' => ['sometimes', 'string', 'in:'.implode(',', self::SCALES)],
            'seed' => ['sometimes', 'integer', 'min:0', 'max:999999'],
            'hands' => ['sometimes', 'array', 'max:20'],
            'other' => ['sometimes', 'array', 'max:20'],
            'draws' => ['sometimes', 'integer', 'min:1', 'max:'.Bench::MOST_DRAWS],
            'bowl_g' => ['sometimes', 'numeric', 'min:0', 'max:5000'],
            'actions' => ['sometimes', 'array', 'list', 'max:60'],
            'actions.*' => ['string', 'max:12'],
            'check' => ['sometimes', 'boolean'],
            'predicted' => ['sometimes', 'nullable', 'in:level,heaped,shy'],
        ];
    }

    public function bench(): Bench
    {
        $pantry = $this->pantry();

        return new Bench(
            $pantry,
            $pantry->ingredient($this->string('ingredient')->toString()),
            Amount::of(KitchenNotation::read($this->string('amount')->toString(), 'amount'), Unit::named($this->string('unit')->toString())),
            $this->section()->standard ?? MeasureStandard::UsCustomary,
            $this->section()->tolerance_level ?? ToleranceLevel::Practised,
            $this->integer('plan'),
        );
    }

    public function hands(Bench $bench, string $field = 'hands'): Hands
    {
        return Hands::of($this->array($field), $bench->ingredient, $bench->pantry, "$field.");
    }

    public function scale(): Scale
    {
        return ToolCatalogue::scale($this->string('scale', self::SCALES[0])->toString(), 0.0);
    }

    public function seed(): int
    {
        return $this->integer('seed', 1);
    }

    /** The kitchen's own weights count here too. */
    public function pantry(): Pantry
    {
        $actor = $this->user();

        return ($actor instanceof Teacher ? $actor->kitchen : $this->section()?->kitchen)?->pantry() ?? Pantry::reference();
    }

    /** Whose cup and tolerance are meant; a teacher's first class. */
    public function section(): ?Section
    {
        $actor = $this->user();

        return match (true) {
            $actor instanceof Student, $actor instanceof Station => $actor->section,
            $actor instanceof Teacher => $actor->classes()->first(),
            default => null,
        };
    }
}

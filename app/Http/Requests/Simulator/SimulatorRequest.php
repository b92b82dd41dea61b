<?php

declare(strict_types=1);

namespace App\Http\Requests\Simulator;

use App\Http\Requests\ApiRequest;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Simulator\Simulator;
use Hovik\Core\Weighing\ToleranceLevel;

/** Which food and amount is simulated. Everybody who is signed in may try things there; nothing is stored. */
class SimulatorRequest extends ApiRequest
{
    public const SCALES = ['scale-1g-5kg', 'scale-0-1g-500g', 'scale-2g-5kg', 'scale-0-01g-200g', 'scale-5g-10kg'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ingredient' => ['required', 'string', 'max:60'],
            'amount' => ['required', 'string', 'max:20'],
            'unit' => ['required', 'string', 'max:20'],
            'section' => ['sometimes', 'integer'],
            'plan' => ['sometimes', 'integer', 'min:0', 'max:20'],
        ];
    }

    public function simulator(): Simulator
    {
        $pantry = $this->pantry();

        return new Simulator(
            $pantry,
            $pantry->ingredient($this->string('ingredient')->toString()),
            Amount::of($this->string('amount')->toString(), Unit::named($this->string('unit')->toString())),
            $this->section()->standard ?? MeasureStandard::UsCustomary,
            $this->section()->tolerance_level ?? ToleranceLevel::Practised,
            $this->integer('plan'),
        );
    }

    /** The kitchen's own weights count here too. */
    private function pantry(): Pantry
    {
        $actor = $this->user();

        return ($actor instanceof Teacher ? $actor->kitchen : $this->section()?->kitchen)?->pantry() ?? Pantry::reference();
    }

    /** Whose cup and tolerance are meant; a teacher says whose, or it is the first class. */
    private function section(): ?Section
    {
        $actor = $this->user();

        return match (true) {
            $actor instanceof Student, $actor instanceof Station => $actor->section,
            $actor instanceof Teacher => $actor->classes()->find($this->integer('section')) ?? $actor->classes()->first(),
            default => null,
        };
    }
}

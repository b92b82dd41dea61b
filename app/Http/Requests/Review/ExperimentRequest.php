<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;
use App\Models\Section;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Standard\Arm;
use Hovik\Core\Words\Phrase;

/** A new experiment of a class. */
final class ExperimentRequest extends ApiRequest
{
    private const MOST_ARMS = 4;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:80'],
            'ingredient' => ['required', 'string', 'max:60'],
            'tool' => ['required', 'string', 'max:60'],
            'by_all' => ['required', 'boolean'],
            'arms' => ['required', 'array', 'list', 'min:2', 'max:'.self::MOST_ARMS],
            'arms.*.name' => ['required', 'string', 'max:40', 'distinct:ignore_case'],
            'arms.*.handling' => ['present', 'nullable', 'string', 'in:'.implode(',', array_column(Handling::cases(), 'value'))],
            'arms.*.tool' => ['present', 'nullable', 'string', 'max:60'],
            'arms.*.food' => ['present', 'nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, mixed> */
    public function columns(Section $section): array
    {
        $pantry = $section->kitchen->pantry();
        $food = $pantry->ingredient($this->string('ingredient')->toString());
        ToolCatalogue::tool($this->string('tool')->toString(), MeasureStandard::UsCustomary, field: 'tool');
        $arms = [];
        foreach (array_keys((array) $this->input('arms')) as $i) {
            $handling = $this->input("arms.$i.handling") === null ? null : Handling::from($this->string("arms.$i.handling")->toString());
            $tool = $this->input("arms.$i.tool") === null ? null : $this->string("arms.$i.tool")->toString();
            $other = $this->input("arms.$i.food") === null ? null : $this->string("arms.$i.food")->toString();
            if ($tool !== null) {
                ToolCatalogue::tool($tool, MeasureStandard::UsCustomary, field: "arms.$i.tool");
            }
            $filled = $other === null ? $food : $pantry->ingredient($other, "arms.$i.food");
            if ($handling !== null && $pantry->handlingFactor($filled, $handling) === null) {
                throw InvalidInput::because("arms.$i.handling", Phrase::of('refusal.never-so', [
                    'name' => Phrase::of("ingredient.$filled->id"), 'handling' => Phrase::of("handling.$handling->value"),
                ]));
            }
            $arms[] = new Arm(chr(ord('a') + (int) $i), $this->string("arms.$i.name")->trim()->toString(), $handling, $tool, $other);
        }

        return [
            'title' => $this->string('title')->trim()->toString(), 'ingredient_id' => $food->id, 'catalogue_id' => $this
                ->string('tool')->toString(),
            'by_all' => $this->boolean('by_all'), 'arms' => $arms, 'state' => 'prepared',
        ];
    }
}

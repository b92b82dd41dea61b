<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Practice\Boxes;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Words\Phrase;

/** What a skill of the school's own list asks for: families that are measured steadily, and skills that are mastered in practice. */
final readonly class Competency
{
    /**
     * @param  list<Family>  $families
     * @param  list<Skill>  $skills
     */
    private function __construct(public array $families, public array $skills)
    {
    }

    /**
     * @param  list<Family>  $families
     * @param  list<Skill>  $skills
     *
     * @throws InvalidInput when it asks for nothing: then nothing shows it
     */
    public static function of(array $families, array $skills, string $field = 'families'): self
    {
        if ($families === [] && $skills === []) {
            throw InvalidInput::because($field, Phrase::of('refusal.competency'));
        }
        if (in_array(Skill::KeepSafe, $skills, true)) {
            throw InvalidInput::because($field, Phrase::of('refusal.safety-points'));
        }

        return new self($families, $skills);
    }

    /**
     * By what evidence it is shown, part by part.
     *
     * @param  array<string, Cell>  $cells  of a student, by family
     * @return non-empty-list<array{state: CompetencyState, because: Phrase}>
     */
    public function evidence(array $cells, Boxes $boxes): array
    {
        $evidence = [];
        foreach ($this->families as $family) {
            $cell = $cells[$family->value] ?? null;
            $reads = $cell->first ?? ReadsAs::of([]);
            $evidence[] = [
                'state' => match (true) {
                    $reads->habit === Habit::Steady => CompetencyState::Shown,
                    ($cell->lines ?? 0) > 0 => CompetencyState::OnTheWay,
                    default => CompetencyState::NotYet,
                },
                'because' => Phrase::of('competency.family', [
                    'family' => Phrase::of("family.$family->value"), 'habit' => $reads->habit->said(), 'count' => $reads->n,
                ]),
            ];
        }
        foreach ($this->skills as $skill) {
            $box = $boxes->box(Aim::skill($skill));
            $evidence[] = [
                'state' => match (true) {
                    $boxes->hasShown(Aim::skill($skill)) => CompetencyState::Shown,
                    $box !== null => CompetencyState::OnTheWay,
                    default => CompetencyState::NotYet,
                },
                'because' => Phrase::of($boxes->hasShown(Aim::skill($skill)) ? 'competency.mastered' : (
                    $box === null ? 'competency.untried' : 'competency.started'
                ), ['skill' => $skill->said()]),
            ];
        }

        return $evidence === [] ? throw new \LogicException('It asks for nothing.') : $evidence;
    }

    /** @param  non-empty-list<array{state: CompetencyState, because: Phrase}>  $evidence */
    public static function state(array $evidence): CompetencyState
    {
        $states = array_unique(array_column($evidence, 'state'), SORT_REGULAR);

        // All of one state: that; else somewhere between.
        return count($states) === 1 ? $states[0] : CompetencyState::OnTheWay;
    }

    /** @return array{families: list<string>, skills: list<string>} to be stored */
    public function toArray(): array
    {
        return ['families' => array_column($this->families, 'value'), 'skills' => array_column($this->skills, 'value')];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return self::of($stored->enums('families', Family::class), $stored->enums('skills', Skill::class));
    }
}

<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Words\Phrase;

/** Something to teach again, to whom, and what a minute of it may bring. Most for a minute comes first. */
final readonly class Reteach
{
    /** Of two camps about half go wrong; of scattered work, too. */
    private const HALF = 0.5;

    /**
     * @param  list<int>  $students  those who need it
     * @param  Cause|null  $cause  what their misses most often came from
     * @param  float  $least  % off, of the one who is least off, signed; of both sides: how far apart
     * @param  float  $effect  tolerances off, over all of them: strict ingredients count more, since theirs are narrow
     */
    private function __construct(
        public Family $family, public Side $side, public array $students, public ?Cause $cause, public float $least, public float $most,
        public float $effect, public int $minutes,
    ) {
    }

    /**
     * @param  array<int, array<string, Cell>>  $cells  by student and family
     * @param  list<TermRow>  $rows
     * @return list<self>
     */
    public static function most(array $cells, array $rows): array
    {
        $groups = [];
        foreach ($cells as $student => $byFamily) {
            foreach ($byFamily as $family => $cell) {
                if ($cell->first->habit->asksForHelp()) {
                    $groups[$family.' '.Side::of($cell->first)->value][$student] = $cell;
                }
            }
        }
        $all = [];
        foreach ($groups as $key => $cellsOf) {
            [$family, $side] = explode(' ', $key);
            $all[] = self::group(Family::from($family), Side::from($side), $cellsOf, $rows);
        }
        usort($all, static fn (self $a, self $b): int => $b->effect / $b->minutes <=> $a->effect / $a->minutes);

        return $all;
    }

    /** How many, and by how much. */
    public function who(): Phrase
    {
        $near = min(abs($this->least), abs($this->most));
        $far = max(abs($this->least), abs($this->most));

        return Phrase::of("reteach.who.{$this->side->value}", [
            'count' => count($this->students), 'least' => round($near), 'most' => round($far),
            'family' => Phrase::of("family.{$this->family->value}"),
        ]);
    }

    /** @return list<Aim> of practice that goes before it */
    public function aims(): array
    {
        return array_map(
            fn (Skill $skill): Aim => Aim::with($skill, $this->family),
            $this->family->isPoured() ? [Skill::ReadJug, Skill::SpotStep] : [Skill::SpotStep, Skill::OrderSteps],
        );
    }

    public function title(): Phrase
    {
        return $this->cause?->next()
            ?? Phrase::of("reteach.{$this->side->value}", ['family' => Phrase::of("family.{$this->family->value}")]);
    }

    /**
     * @param  non-empty-array<int, Cell>  $cells  by student
     * @param  list<TermRow>  $rows
     */
    private static function group(Family $family, Side $side, array $cells, array $rows): self
    {
        $off = array_map(
            static fn (Cell $cell): float => $side === Side::Both ? $cell->first->spreadPct : $cell->first->pct, $cells,
        );
        $effect = 0.0;
        foreach ($cells as $student => $cell) {
            $effect += ($cell->first->habit === Habit::SameSlip ? 1.0 : self::HALF)
                * abs($off[$student]) / 100 / max($cell->tolerance, 0.001);
        }
        $causes = [];
        foreach ($rows as $row) {
            $isThatWay = $side === Side::Both || ($row->weighing->share > 0) === ($side === Side::Over);
            if ($row->family === $family && isset($cells[$row->student]) && $isThatWay && $row->cause !== null
                && $row->cause !== Cause::Sound) {
                $causes[$row->cause->value] = ($causes[$row->cause->value] ?? 0) + 1;
            }
        }
        arsort($causes);
        $cause = array_key_first($causes);

        return new self(
            $family, $side, array_keys($cells), $cause === null ? null : Cause::from($cause),
            min($off), max($off), $effect, self::minutes($family),
        );
    }

    /** For one who shows it once and a class that does it once. */
    private static function minutes(Family $family): int
    {
        return match (true) {
            $family->isPoured() => 5,
            $family === Family::LeavenerSpice, $family === Family::SolidFat, $family === Family::NutButter => 3,
            default => 4,
        };
    }
}

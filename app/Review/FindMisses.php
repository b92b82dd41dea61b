<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\Bag;
use App\Models\KeptMisses;
use App\Models\Lab;
use App\Models\Section;
use App\Models\Weighing;
use App\Weighings\CountedWeighings;
use Hovik\Core\Components\FoundMisses;
use Hovik\Core\Components\Weighed;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Technique\Step;

/** Who makes the miss in a lab, with a food, over a term: worked out from what was weighed, and kept. People stand in it by number. */
final class FindMisses
{
    /** When a lab has closed: its own, and its class's term anew. */
    public function afterLab(Lab $lab): void
    {
        $this->keep($lab->section, $lab);
        $this->keep($lab->section, null);
    }

    /** Of a class that was taken in: its term. */
    public function ofTerm(Section $section): void
    {
        $this->keep($section, null);
    }

    /** @param  string|null  $food  one food of the term; null: all of them */
    public function of(Section $section, ?Lab $lab = null, ?string $food = null): KeptMisses
    {
        $kept = KeptMisses::query()->where('section_id', $section->id)->where('lab_id', $lab?->id)
            ->where('ingredient_id', $food ?? '')->first();
        $last = $food === null ? null : CountedWeighings::of($section, $food)->last()?->created_at;

        // A food of a term is quick; it is found anew whenever something was weighed of it since.
        return $kept !== null && ($last === null || $kept->updated_at->greaterThanOrEqualTo($last)) ? $kept : $this->keep($section,
            $lab, $food);
    }

    private function keep(Section $section, ?Lab $lab, ?string $food = null): KeptMisses
    {
        $weighings = CountedWeighings::of($lab ?? $section, $food);
        $bags = $section->kitchen->bags;
        $found = FoundMisses::of(array_values(
            $weighings->filter(self::isCareful(...))->map(static fn (Weighing $one): Weighed => self::weighed($one, Bag::of(
                $bags, $one->line->ingredient_id, $one->created_at->toDateString(),
            )))->all(),
        ));
        $kept = KeptMisses::query()->where('section_id', $section->id)->where('lab_id', $lab?->id)
            ->where('ingredient_id', $food ?? '')->first()
            ?? new KeptMisses(['section_id' => $section->id, 'lab_id' => $lab?->id, 'ingredient_id' => $food ?? '']);
        $kept->fill(['found' => $found]);
        $kept->touch(); // found anew, though it may say the same

        return $kept;
    }

    /**
     * Nobody said that a step of its technique was left out: a slip that is known says nothing of bag, cup or hand. And one tool made it:
     * of several nobody can say whose doing it is.
     */
    private static function isCareful(Weighing $one): bool
    {
        $ticked = array_values($one->ticked->all());
        $left = array_filter($one->measured()->steps(), static fn (Step $step): bool => ! in_array($step, $ticked, true));

        return ($ticked === [] || $left === []) && count($one->measured()->fills()) === 1;
    }

    private static function weighed(Weighing $one, ?Bag $bag): Weighed
    {
        $line = $one->line->frozen;

        return new Weighed(
            $line->food->ingredient->id, $line->food->ingredient->family->value, $bag->name ?? $line->food->ingredient
                ->id, self::tool($one),
            $one->scale->name, "#$one->student_id", max(0.001, $one->judgement->reading->trueGrams()), $one->judgement->target->grams,
        );
    }

    /** What a weighing's tool is called: a certain one by its name, the rest by their station. */
    public static function tool(Weighing $one): string
    {
        $lab = $one->line->lab;
        $station = $one->station->shownName();

        $tool = $one->measured()->fills()[0]->tool ?? null;
        if ($tool === null) {
            return '';
        }
        $isAlone = ($lab->frozen?->countOf($tool) ?? 0) === 1;

        // A kind is said in the reader's language when it is shown.
        return $tool->own ?? ($isAlone ? "@$tool->id" : "$station: @$tool->id");
    }

    /** What is surely known of a weighing's bag and its tools, as a factor of its weight: known before anybody's technique is blamed. */
    public static function knownFactor(Weighing $one): float
    {
        $kept = KeptMisses::query()->where('section_id', $one->line->lab->section_id)->whereNull('lab_id')
            ->where('ingredient_id', '')->first();
        if ($kept === null) {
            return 1.0;
        }
        $isChecked = array_filter($one->measured()->fills(), static fn (Fill $fill): bool => ! $fill->isChecked()) === [];

        return $kept->found->knownOf($one->line->ingredient_id, $isChecked ? null : self::tool($one));
    }
}

<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Models\RecipeVersion;
use App\Models\Section;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\Need;
use Hovik\Core\Plan\Supplies;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Recipe\Batch;
use Hovik\Core\Recipe\DirectionsCheck;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Recipe\Finding;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\ReadLine;
use Hovik\Core\Recipe\RecipeLine;
use Hovik\Core\Recipe\ScaledLine;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Words\Phrase;

/** A recipe version as a class reads it, at a factor: every line read by the core, with what the teacher settled laid over it. */
final readonly class ScaledRecipe
{
    /**
     * @param  list<ScaledRecipeLine>  $lines
     * @param  list<Finding>  $findings
     * @param  list<Phrase>  $cautions
     */
    private function __construct(
        public RecipeVersion $version,
        public Pantry $pantry,
        public MeasureStandard $standard,
        public Factor $factor,
        public array $lines,
        public array $findings,
        public array $cautions,
        private HouseRules $rules,
    ) {
    }

    public static function of(RecipeVersion $version, Section $section, Factor $factor): self
    {
        $pantry = $section->kitchen->pantry();
        $theirs = $version->recipe->standard ?? $section->standard;
        $reader = new LineReader($pantry);
        $reads = array_map(static fn (RecipeLine $line): ReadLine => $reader->read($line->text), $version->lines);
        $meanings = array_map(
            static fn (RecipeLine $line, ReadLine $read): ?SettledLine => $line->meaning($read, $pantry, $theirs)
                ?->measuredIn($theirs, $section->standard),
            $version->lines,
            $reads,
        );
        $rules = $section->houseRules();
        $batch = Batch::of($meanings, $factor, $section->standard, $pantry, $rules);
        $lines = array_map(
            static fn (
                RecipeLine $kept, ReadLine $read, ?SettledLine $line, ?ScaledLine $scaled,
            ): ScaledRecipeLine => new ScaledRecipeLine($kept, $read, $line, $scaled),
            $version->lines,
            $reads,
            $meanings,
            $batch->lines,
        );
        $listed = static fn (ScaledRecipeLine $line): ?Ingredient => $line->isHeading()
            ? null
            : ($line->line->ingredient ?? $line->read->ingredient);
        $findings = (new DirectionsCheck($pantry))->check(array_map($listed, $lines), $version->steps());

        $cautions = $theirs === $section->standard ? $batch->cautions : [
            Phrase::of('caution.other-standard', ['standard' => Phrase::of("standard.$theirs->value")]), ...$batch->cautions,
        ];

        return new self($version, $pantry, $section->standard, $factor, $lines, $findings, $cautions, $rules);
    }

    /** The same lines at another factor; nothing is read again. */
    public function at(Factor $factor): self
    {
        $batch = $this->batch($factor);
        $lines = array_map(
            static fn (ScaledRecipeLine $line, ?ScaledLine $scaled): ScaledRecipeLine => new ScaledRecipeLine(
                $line->kept, $line->read, $line->line, $scaled,
            ),
            $this->lines,
            $batch->lines,
        );

        return new self($this->version, $this->pantry, $this->standard, $factor, $lines, $this->findings, $batch->cautions, $this->rules);
    }

    /**
     * The factor at which a line uses up what there is of its food.
     *
     * @throws InvalidInput naming the field
     */
    public function usingUp(string $line, float $grams): self
    {
        foreach ($this->lines as $one) {
            if ($one->kept->id === $line && $one->line !== null) {
                return $this->at(Factor::toUseUp($one->line, $grams, $this->standard, $this->pantry));
            }
        }

        throw InvalidInput::because('use_up_line', Phrase::of('refusal.no-such-line'));
    }

    /**
     * What the stations of a class take, with the usual allowance for measuring again.
     *
     * @param  Factor  $each  at one station
     * @return list<Supplies>
     */
    public function supplies(Factor $each, int $stations): array
    {
        $lines = array_values(array_filter($this->batch($each)->lines));

        return Supplies::of(
            array_map(static fn (ScaledLine $line): Need => $line->need(), $lines), $stations, Supplies::USUAL_RETRY_PCT,
            $this->standard,
        );
    }

    private function batch(Factor $factor): Batch
    {
        return Batch::of(
            array_map(static fn (ScaledRecipeLine $line): ?SettledLine => $line->line, $this->lines), $factor, $this->standard,
            $this->pantry, $this->rules,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Models\RecipeVersion;
use App\Models\Section;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\Need;
use Hovik\Core\Plan\Supplies;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Batch;
use Hovik\Core\Recipe\DirectionsCheck;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Recipe\Finding;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\ReadLine;
use Hovik\Core\Recipe\ScaledLine;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Schools;
use Hovik\Core\Words\Phrase;

/** A recipe version as a class reads it: every line read anew by the core, with what the teacher settled laid over it. */
final readonly class RecipeSheet
{
    /**
     * @param  list<SheetLine>  $lines
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
        private Schools $schools,
    ) {
    }

    public static function of(RecipeVersion $version, Section $section, Factor $factor): self
    {
        $pantry = $section->kitchen->pantry();
        $standard = $section->standard;
        $reader = new LineReader($pantry);
        $reads = array_map(static fn (array $line): ReadLine => $reader->read($line['text']), $version->lines);
        $settled = [];
        foreach ($version->lines as $i => $line) {
            $settled[] = match (true) {
                $line['skip'] => null,
                $line['settled'] !== null => self::kept($line['settled'], $pantry),
                default => SettledLine::from($reads[$i], $standard),
            };
        }
        $schools = $section->schoolsSettled();
        $batch = Batch::of($settled, $factor, $standard, $pantry, $schools);
        $lines = [];
        foreach ($version->lines as $i => $line) {
            $lines[] = new SheetLine($i, $reads[$i], $settled[$i], $line['settled'] !== null, $line['skip'], $batch->lines[$i]);
        }
        $listed = array_map(static fn (SheetLine $line) => $line->isHeading() ? null : ($line->line->ingredient ?? $line->read->ingredient), $lines);

        return new self($version, $pantry, $standard, $factor, $lines, (new DirectionsCheck($pantry))->check($listed, $version->directions), $batch->cautions, $schools);
    }

    /** The same lines at another factor; nothing is read again. */
    public function at(Factor $factor): Batch
    {
        return Batch::of(array_map(static fn (SheetLine $line): ?SettledLine => $line->line, $this->lines), $factor, $this->standard, $this->pantry, $this->schools);
    }

    /**
     * What the stations of a class take, with the usual allowance for measuring again.
     *
     * @param  Factor  $each  at one station
     * @return list<Supplies>
     */
    public function supplies(Factor $each, int $stations): array
    {
        $lines = array_values(array_filter($this->at($each)->lines));

        return Supplies::of(array_map(static fn (ScaledLine $line): Need => $line->need(), $lines), $stations, Supplies::USUAL_RETRY_PCT, $this->standard);
    }

    /** @param  array{ingredient: string, amount: string, unit: string, method: string|null}  $settled */
    private static function kept(array $settled, Pantry $pantry): SettledLine
    {
        return new SettledLine(
            $pantry->ingredient($settled['ingredient']),
            Amount::of($settled['amount'], Unit::named($settled['unit'])),
            $settled['method'] === null ? null : HouseMethod::named($settled['method']),
        );
    }
}

<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

use Brick\Math\BigDecimal;

/** One row of core/data/ingredients.csv; the columns are explained in core/data/sources.md. */
final readonly class Ingredient
{
    /**
     * @param  BigDecimal|null  $gramsPerUsCup  of the reference handling, per 236.5882365 mL; null for counted foods
     * @param  BigDecimal|null  $gramsPerTsp  per US teaspoon, where a spoon really holds another density than a cup
     * @param  BigDecimal|null  $gramsPerPiece  g
     * @param  float  $cvFill  relative standard deviation of one level cup, 0 to 1
     * @param  float  $cvBatch  relative standard deviation between packages, 0 to 1
     * @param  float|null  $reposeDeg  angle of repose, degrees
     * @param  float  $residue  share left in the tool when it is not scraped, 0 to 1
     * @param  list<string>  $aliases
     * @param  list<string>  $allergens
     * @param  string  $rawRisk  none, raw-flour or raw-egg
     * @param  string  $confidence  high, medium or low
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $aliases,
        public Family $family,
        public Handling $referenceHandling,
        public ?BigDecimal $gramsPerUsCup,
        public ?BigDecimal $gramsPerTsp,
        public ?BigDecimal $gramsPerPiece,
        public float $cvFill,
        public float $cvBatch,
        public ?float $reposeDeg,
        public float $residue,
        public array $allergens,
        public string $rawRisk,
        public string $source,
        public string $confidence,
        public string $notes,
    ) {
    }

    /** The same with a kitchen's own weights. */
    public function weighing(?BigDecimal $gramsPerUsCup, ?BigDecimal $gramsPerTsp, ?BigDecimal $gramsPerPiece): self
    {
        return new self(
            $this->id, $this->name, $this->aliases, $this->family, $this->referenceHandling, $gramsPerUsCup, $gramsPerTsp, $gramsPerPiece,
            $this->cvFill, $this->cvBatch, $this->reposeDeg, $this->residue, $this->allergens, $this->rawRisk, 'own', 'high', $this->notes,
        );
    }
}

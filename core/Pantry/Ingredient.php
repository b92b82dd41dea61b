<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/** One row of core/data/ingredients.csv; the columns are explained in core/data/sources.md. */
final readonly class Ingredient
{
    /** Sources: one person's figure, and the mean of a kitchen's own trials. */
    public const OWN = 'own';

    public const OWN_TRIALS = 'own-trials';

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
     * @param  Role  $role  what it does in a bake
     * @param  Kind|null  $kind  what it is one of, where a rule asks
     * @param  int|null  $trials  weighings that its own weight is the mean of; null where it is no such mean
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
        public Role $role,
        public ?Kind $kind,
        public ?int $trials = null,
    ) {
    }

    /** @return array<string, mixed> to be stored, so that it stays as it was */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'family' => $this->family->value,
            'reference_handling' => $this->referenceHandling->value,
            'g_per_us_cup' => $this->gramsPerUsCup === null ? null : (string) $this->gramsPerUsCup,
            'g_per_tsp' => $this->gramsPerTsp === null ? null : (string) $this->gramsPerTsp,
            'g_per_piece' => $this->gramsPerPiece === null ? null : (string) $this->gramsPerPiece,
            'cv_fill' => $this->cvFill,
            'cv_batch' => $this->cvBatch,
            'repose_deg' => $this->reposeDeg,
            'residue' => $this->residue,
            'allergens' => $this->allergens,
            'raw_risk' => $this->rawRisk,
            'source' => $this->source,
            'confidence' => $this->confidence,
            'role' => $this->role->value,
            'kind' => $this->kind?->value,
            'trials' => $this->trials,
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            id: $stored->text('id'),
            name: $stored->text('name'),
            aliases: [], // for finding it in a text; nothing is looked for in what is frozen
            family: $stored->enum('family', Family::class),
            referenceHandling: $stored->enum('reference_handling', Handling::class),
            gramsPerUsCup: $stored->has('g_per_us_cup') ? $stored->decimal('g_per_us_cup') : null,
            gramsPerTsp: $stored->has('g_per_tsp') ? $stored->decimal('g_per_tsp') : null,
            gramsPerPiece: $stored->has('g_per_piece') ? $stored->decimal('g_per_piece') : null,
            cvFill: $stored->number('cv_fill'),
            cvBatch: $stored->number('cv_batch'),
            reposeDeg: $stored->numberOr('repose_deg', null),
            residue: $stored->number('residue'),
            allergens: $stored->texts('allergens'),
            rawRisk: $stored->text('raw_risk'),
            source: $stored->text('source'),
            confidence: $stored->text('confidence'),
            notes: '',
            role: $stored->enum('role', Role::class),
            kind: Kind::tryFrom($stored->has('kind') ? $stored->text('kind') : ''), // a kind of an earlier version rules nothing any more
            trials: $stored->has('trials') ? $stored->whole('trials') : null,
        );
    }

    /**
     * The same where a cup of it weighs something else; a spoon keeps its relation to the cup.
     *
     * @param  string  $source  whose figure it is: own, a kitchen's; recipe, the recipe's
     */
    public function weighingACup(BigDecimal|string $gramsPerUsCup, string $source): self
    {
        $gramsPerUsCup = BigDecimal::of($gramsPerUsCup);
        $spoon = $this->gramsPerTsp === null || $this->gramsPerUsCup === null
            ? $this->gramsPerTsp
            : $this->gramsPerTsp->multipliedBy($gramsPerUsCup)->dividedBy($this->gramsPerUsCup, 4, RoundingMode::HALF_UP);

        return $this->weighing($gramsPerUsCup, $spoon, $this->gramsPerPiece, $source);
    }

    /** The same with a kitchen's own weight of a piece. */
    public function weighingAPiece(BigDecimal $gramsPerPiece): self
    {
        return $this->weighing($this->gramsPerUsCup, $this->gramsPerTsp, $gramsPerPiece, self::OWN);
    }

    /**
     * The same as the mean of a kitchen's own trials: what differs between packages is known to it then.
     *
     * @param  int  $trials  how many
     * @param  float  $relativeU  standard uncertainty of their mean over it
     */
    public function knownFromTrials(BigDecimal $gramsPerUsCup, int $trials, float $relativeU): self
    {
        $own = $this->weighingACup($gramsPerUsCup, self::OWN_TRIALS);

        return new self(
            $own->id, $own->name, $own->aliases, $own->family, $own->referenceHandling, $own->gramsPerUsCup, $own->gramsPerTsp,
            $own->gramsPerPiece, $own->cvFill, $relativeU, $own->reposeDeg, $own->residue, $own->allergens, $own->rawRisk, $own->source,
            'high', $own->notes, $own->role, $own->kind, $trials,
        );
    }

    /** Where its weight comes from. */
    public function sourced(): Phrase
    {
        return Phrase::of("source.$this->source", $this->trials === null ? [] : ['n' => $this->trials]);
    }

    /** A kitchen's own weight, whether it was typed or is the mean of trials. */
    public function isOwn(): bool
    {
        return $this->source === self::OWN || $this->source === self::OWN_TRIALS;
    }

    private function weighing(?BigDecimal $cup, ?BigDecimal $tsp, ?BigDecimal $piece, string $source): self
    {
        return new self(
            $this->id, $this->name, $this->aliases, $this->family, $this->referenceHandling, $cup, $tsp, $piece,
            $this->cvFill, $this->cvBatch, $this->reposeDeg, $this->residue, $this->allergens, $this->rawRisk, $source, 'high',
            $this->notes, $this->role, $this->kind,
        );
    }
}

<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** The catalogue of ingredients and of what each way of handling does to their weight. */
final class Pantry
{
    /** Of a food of a kind that the data says nothing about. */
    private const RARELY = 0.2;

    private static ?self $reference = null;

    /** @var array<string, list<string>>|null by ingredient */
    private static ?array $lookAlikes = null;

    /** @var array<string, Ingredient> made when first asked for */
    private array $made = [];

    /** @var array<string, string> which food a word that stands for several means in this kitchen, by the plain word */
    private array $meanings = [];

    /** @var list<string> ids of foods the reference does not know */
    private array $added = [];

    /** @var array<string, array<string, HandlingFactor>> by ingredient, then by handling: of foods as they once were */
    private array $frozen = [];

    /** @var array<string, HandlingFactor> by "family/handling" and "ingredient/handling" */
    private array $factors = [];

    /**
     * @param  array<string, array<string, string>>  $ingredients  rows by id
     * @param  list<array<string, string>>  $handlings
     * @param  list<array<string, string>>  $overrides
     */
    private function __construct(private readonly array $ingredients, array $handlings, array $overrides)
    {
        foreach ($handlings as $row) {
            $this->factors[$row['family'].'/'.$row['handling']] = self::factor($row, $row['advisable']);
        }
        foreach ($overrides as $row) {
            $family = $this->ingredients[$row['ingredient_id']]['family'];
            $advisable = $this->factors[$family.'/'.$row['handling']]->advisable ?? 'no';
            $this->factors[$row['ingredient_id'].'/'.$row['handling']] = self::factor($row, $advisable);
        }
    }

    /** The reference pantry, loaded once a process. */
    public static function reference(): self
    {
        if (self::$reference === null) {
            /** @var list<array<string, string>> $ingredients */
            $ingredients = require __DIR__.'/../data/compiled/ingredients.php';
            /** @var list<array<string, string>> $handlings */
            $handlings = require __DIR__.'/../data/compiled/handling.php';
            /** @var list<array<string, string>> $overrides */
            $overrides = require __DIR__.'/../data/compiled/handling_overrides.php';
            $byId = [];
            foreach ($ingredients as $row) {
                $byId[$row['id']] = $row;
            }
            self::$reference = new self($byId, $handlings, $overrides);
        }

        return self::$reference;
    }

    /**
     * This pantry with some weights replaced by a kitchen's own; their source is then `own`.
     *
     * @param  array<string, array{g_per_us_cup: string|null, g_per_piece: string|null}>  $own  by ingredient id; null keeps the reference
     *
     * @throws InvalidInput when an ingredient is not in the pantry, or a weight makes no sense for it
     */
    public function with(array $own): self
    {
        if ($own === []) {
            return $this;
        }
        $with = clone $this;
        foreach ($own as $id => $weights) {
            $reference = $this->ingredient($id);
            foreach (['g_per_us_cup' => $reference->gramsPerUsCup, 'g_per_piece' => $reference->gramsPerPiece] as $field => $was) {
                $grams = $weights[$field];
                if ($grams !== null && ($was === null || ! is_numeric($grams) || (float) $grams <= 0 || (float) $grams > 3000)) {
                    throw InvalidInput::because(
                        $field, Phrase::of('refusal.food-weight', ['name' => Phrase::of("ingredient.$reference->id")]),
                    );
                }
            }
            $cup = $weights['g_per_us_cup'];
            $piece = $weights['g_per_piece'];
            $own = $cup === null ? $reference : $reference->weighingACup(BigDecimal::of($cup), Ingredient::OWN);
            $with->made[$id] = $piece === null ? $own : $own->weighingAPiece(BigDecimal::of($piece));
        }

        return $with;
    }

    /**
     * This pantry with weights that are means of a kitchen's own trials, each of one handling.
     *
     * @param  list<OwnTrials>  $own
     *
     * @throws InvalidInput when there is no such food
     */
    public function weighedAs(array $own): self
    {
        if ($own === []) {
            return $this;
        }
        $with = clone $this;
        foreach ($own as $one) {
            $food = $with->ingredient($one->ingredient);
            if ($food->gramsPerUsCup === null) {
                continue; // counted
            }
            if ($one->handling === $food->referenceHandling) {
                $with->made[$food->id] = $food->knownFromTrials($one->gramsPerUsCup, $one->n, $one->relativeU);

                continue;
            }
            $was = $with->handlingFactor($food, $one->handling);
            if ($was !== null) {
                $mean = $one->gramsPerUsCup->dividedBy($food->gramsPerUsCup, 6, RoundingMode::HALF_UP);
                $with->factors["$food->id/{$one->handling->value}"] = new HandlingFactor(
                    $mean, $was->sd / $was->mean->toFloat() * $mean->toFloat(), $was->advisable, $was->why,
                );
            }
        }

        return $with;
    }

    /**
     * This pantry and foods that a kitchen added.
     *
     * @param  list<NewIngredient>  $added
     */
    public function adding(array $added): self
    {
        if ($added === []) {
            return $this;
        }
        $with = clone $this;
        foreach ($added as $new) {
            foreach ($this->ingredients as $id => $row) {
                if ($row['family'] === $new->family->value) {
                    $with->made[$new->id] = $new->likeItsFamily($this->ingredient($id));
                    $with->added[] = $new->id;
                    break;
                }
            }
        }

        return $with;
    }

    /**
     * This pantry in a kitchen that said what its words mean: 'salt' is table salt here.
     *
     * @param  array<string, string>  $meanings  ingredient ids by plain word; what is no food any more is overlooked
     */
    public function meaning(array $meanings): self
    {
        if ($meanings === []) {
            return $this;
        }
        $with = clone $this;
        $with->meanings = array_filter($meanings, fn (string $id): bool => in_array($id, $this->ids(), true));

        return $with;
    }

    /** The food a word means in this kitchen; null where it never said so. */
    public function meaningOf(string $word): ?Ingredient
    {
        return isset($this->meanings[$word]) ? $this->ingredient($this->meanings[$word]) : null;
    }

    /** This pantry with a food as it once was: its weight and all its handling. */
    public function holding(FrozenFood $food): self
    {
        $with = clone $this;
        $with->made[$food->ingredient->id] = $food->ingredient;
        $with->frozen[$food->ingredient->id] = $food->factors;
        if (! isset($this->ingredients[$food->ingredient->id]) && ! in_array($food->ingredient->id, $this->added, true)) {
            $with->added[] = $food->ingredient->id;
        }

        return $with;
    }

    /** @throws InvalidInput when there is no such ingredient */
    public function ingredient(string $id, string $field = 'ingredient'): Ingredient
    {
        return $this->made[$id] ??= self::make(
            $this->ingredients[$id]
                ?? throw InvalidInput::because($field, Phrase::of('refusal.no-such-food', ['id' => $id])),
        );
    }

    /** @return list<string> ids of foods that the reference does not know */
    public function own(): array
    {
        return $this->added;
    }

    /** @return list<string> */
    public function ids(): array
    {
        return [...array_keys($this->ingredients), ...$this->added];
    }

    /** Grams of a US cup, of a piece where the family is counted: the middle of the family's foods, for one that nobody has weighed yet. */
    public function usualGrams(Family $family): float
    {
        $grams = [];
        foreach ($this->ids() as $id) {
            $one = $this->ingredient($id);
            $of = $family === Family::Counted ? $one->gramsPerPiece : $one->gramsPerUsCup;
            if ($one->family === $family && $of !== null) {
                $grams[] = $of->toFloat();
            }
        }
        sort($grams);

        return round($grams[intdiv(count($grams), 2)] ?? 0.0);
    }

    /** What a counted food is once it is measured by volume: a cup of eggs is beaten egg. */
    public function measuredBy(Unit $unit, Ingredient $ingredient): Ingredient
    {
        $twin = $this->ingredients[$ingredient->id]['twin'] ?? '';

        return $twin !== '' && $unit->dimension() === Dimension::Volume ? $this->ingredient($twin) : $ingredient;
    }

    /** @return list<string> ids of the foods it could be taken for, and that could be taken for it */
    public function lookAlikes(string $id): array
    {
        if (self::$lookAlikes === null) {
            self::$lookAlikes = [];
            /** @var list<array{id: string, look_alike_id: string}> $pairs */
            $pairs = require __DIR__.'/../data/compiled/look_alikes.php';
            foreach ($pairs as $pair) {
                self::$lookAlikes[$pair['id']][] = $pair['look_alike_id'];
                self::$lookAlikes[$pair['look_alike_id']][] = $pair['id'];
            }
        }

        return self::$lookAlikes[$id] ?? [];
    }

    /** How often this is the one of its kind that stands in a kitchen, 0 to 1. */
    public function howOften(string $id): float
    {
        $often = $this->ingredients[$id]['often'] ?? '';

        return $often === '' ? self::RARELY : (float) $often;
    }

    /** The ingredient's own factor before its family's; null where the handling makes no sense for it. */
    public function handlingFactor(Ingredient $ingredient, Handling $handling): ?HandlingFactor
    {
        if (isset($this->frozen[$ingredient->id])) {
            return $this->frozen[$ingredient->id][$handling->value] ?? null;
        }

        return $this->factors[$ingredient->id.'/'.$handling->value]
                ?? $this->factors[$ingredient->family->value.'/'.$handling->value]
                ?? null;
    }

    /** @param  array<string, string>  $row */
    private static function factor(array $row, string $advisable): HandlingFactor
    {
        return new HandlingFactor(BigDecimal::of($row['factor_mean']), (float) $row['factor_sd'], $advisable, $row['why']);
    }

    /** @return list<Ingredient> those that schools teach with, in the order of the data */
    public function taught(): array
    {
        return array_values(array_map($this->ingredient(...), array_filter(
            array_keys($this->ingredients), fn (string $id): bool => ($this->ingredients[$id]['taught'] ?? '') !== '',
        )));
    }

    /** @return list<string> ids of the foods of a kind, in the order of the data */
    public function ofKind(Kind $kind): array
    {
        return array_values(array_filter($this->ids(), fn (string $id): bool => $this->ingredient($id)->kind === $kind));
    }

    /** @param  array<string, string>  $row */
    private static function make(array $row): Ingredient
    {
        $decimal = static fn (string $cell): ?BigDecimal => $cell === '' ? null : BigDecimal::of($cell);
        $list = static fn (string $cell): array => $cell === '' ? [] : explode('|', $cell);

        return new Ingredient(
            id: $row['id'],
            name: $row['name'],
            aliases: $list($row['plural_or_aliases']),
            family: Family::from($row['family']),
            referenceHandling: Handling::from($row['reference_handling']),
            gramsPerUsCup: $decimal($row['g_per_us_cup']),
            gramsPerTsp: $decimal($row['g_per_tsp']),
            gramsPerPiece: $decimal($row['g_per_piece']),
            cvFill: (float) $row['cv_fill_pct'] / 100,
            cvBatch: (float) $row['cv_batch_pct'] / 100,
            reposeDeg: $row['repose_deg'] === '' ? null : (float) $row['repose_deg'],
            residue: (float) $row['residue_pct'] / 100,
            allergens: $list($row['allergens']),
            rawRisk: $row['raw_risk'],
            source: $row['source'],
            confidence: $row['confidence'],
            notes: $row['notes'],
            role: Role::from($row['role']),
            kind: Kind::tryFrom($row['kind']),
        );
    }
}

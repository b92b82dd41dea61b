<?php

declare(strict_types=1);

namespace Hovik\Core\Shopping;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Plan\Supplies;

/** What has to be bought of a food for several labs together, in whole packs, less what is at hand. */
final readonly class ShoppingLine
{
    /**
     * @param  BigRational  $neededG  for all of them, allowance for measuring again in it
     * @param  BigRational  $missingG  that is not at hand; 0 where there is enough
     * @param  int|null  $packs  to buy; null where nobody said how it is bought
     * @param  BigRational|null  $overG  that will be over
     * @param  BigDecimal|null  $cost  of the packs; null where it is not known
     * @param  list<int>  $labs  that need it: places in the list of labs
     */
    private function __construct(
        public Ingredient $ingredient, public BigRational $neededG, public BigRational $missingG, public ?int $packs,
        public ?BigRational $overG, public ?BigDecimal $cost, public array $labs,
    ) {
    }

    /**
     * @param  list<list<Supplies>>  $labs  what each of them takes for its class
     * @param  array<string, Pack>  $packs  by food
     * @return list<self> in the order in which foods first come
     */
    public static function all(array $labs, array $packs): array
    {
        $foods = $needed = $of = [];
        foreach ($labs as $place => $supplies) {
            foreach ($supplies as $one) {
                $id = $one->ingredient->id;
                $foods[$id] ??= $one->ingredient;
                $needed[$id] = ($needed[$id] ?? BigRational::zero())->plus($one->classG);
                $of[$id][] = $place;
            }
        }

        return array_values(array_map(
            static fn (Ingredient $food): self => self::of($food, $needed[$food->id], $packs[$food->id] ?? null, $of[$food->id]), $foods,
        ));
    }

    /**
     * What all of it costs, as far as prices are known.
     *
     * @param  list<self>  $lines
     */
    public static function total(array $lines): BigDecimal
    {
        return array_reduce(
            $lines, static fn (BigDecimal $sum, self $line): BigDecimal => $line->cost === null ? $sum : $sum->plus($line->cost),
            BigDecimal::of('0.00'),
        );
    }

    /** How many pieces that is, of what is counted; whole ones. */
    public function pieces(): ?int
    {
        $each = $this->ingredient->family === Family::Counted ? $this->ingredient->gramsPerPiece : null;

        return $each === null ? null : $this->neededG->dividedBy($each->toBigRational())->toScale(0, RoundingMode::CEILING)->toInt();
    }

    /** @param  list<int>  $labs */
    private static function of(Ingredient $food, BigRational $needed, ?Pack $pack, array $labs): self
    {
        $missing = $needed->minus($pack === null ? BigRational::zero() : $pack->stockG);
        $missing = $missing->isNegative() ? BigRational::zero() : $missing->simplified();
        if ($pack === null) {
            return new self($food, $needed->simplified(), $missing, null, null, null, $labs);
        }
        $packs = $missing->dividedBy($pack->grams)->toScale(0, RoundingMode::CEILING)->toInt();

        return new self(
            $food, $needed->simplified(), $missing, $packs,
            $pack->stockG->plus($pack->grams->multipliedBy($packs))->minus($needed)->simplified(),
            $pack->price?->multipliedBy($packs), $labs,
        );
    }
}

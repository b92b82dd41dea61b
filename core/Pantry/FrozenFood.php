<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

use Hovik\Core\JsonInput;

/** A food as it was in the kitchen's pantry: its weight, and what each way of handling does to it. */
final readonly class FrozenFood
{
    /** @param  array<string, HandlingFactor>  $factors  by handling; one that is not there makes no sense for this food */
    private function __construct(public Ingredient $ingredient, public array $factors)
    {
    }

    /** The same where all of it weighs so many times as much: a bag, or a tool, that is known to run heavy. */
    public function times(float $factor): self
    {
        $cup = $this->ingredient->gramsPerUsCup;

        return $cup === null || abs($factor - 1) < 1e-9 ? $this : new self(
            $this->ingredient->weighingACup(sprintf('%.3F', $cup->toFloat() * $factor), $this->ingredient->source), $this->factors,
        );
    }

    public static function of(Ingredient $ingredient, Pantry $pantry): self
    {
        $factors = [];
        foreach (Handling::cases() as $handling) {
            $factor = $pantry->handlingFactor($ingredient, $handling);
            if ($factor !== null) {
                $factors[$handling->value] = $factor;
            }
        }

        return new self($ingredient, $factors);
    }

    /** @return array{ingredient: array<string, mixed>, factors: array<string, array<string, mixed>>} to be stored */
    public function toArray(): array
    {
        return [
            'ingredient' => $this->ingredient->toArray(),
            'factors' => array_map(static fn (HandlingFactor $factor): array => $factor->toArray(), $this->factors),
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        $factors = [];
        $kept = $stored->has('factors') ? $stored->object('factors') : new JsonInput([]);
        foreach (Handling::cases() as $handling) {
            if ($kept->has($handling->value)) {
                $factors[$handling->value] = HandlingFactor::fromArray($kept->object($handling->value));
            }
        }

        return new self(Ingredient::fromArray($stored->object('ingredient')), $factors);
    }
}

<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigDecimal;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\HouseMethod;

/**
 * One line of a recipe's list as it is kept: its words, and what the teacher settled about it. Its id stays with it through later versions
 * ({@see LineMatching}), so that an answer belongs to the line and not to its words.
 */
final readonly class RecipeLine
{
    /**
     * @param  string  $id  within its recipe
     * @param  bool  $heading  it names a part of the recipe
     * @param  bool  $skip  left out: not measured
     * @param  string|null  $ingredient  id, as settled; null where nothing was settled
     * @param  Amount|null  $amount  as settled; null where it is read from the words
     * @param  HouseMethod|null  $method  as settled; null leaves it to the class
     * @param  BigDecimal|null  $gramsPerUsCup  the recipe's own weight of a US cup of it, taken for this line; null for the kitchen's
     */
    public function __construct(
        public string $id,
        public string $text,
        public bool $heading = false,
        public bool $skip = false,
        public ?string $ingredient = null,
        public ?Amount $amount = null,
        public ?HouseMethod $method = null,
        public ?BigDecimal $gramsPerUsCup = null,
    ) {
    }

    public static function read(string $id, ReadLine $line): self
    {
        return new self($id, $line->text, $line->status === ReadLine::HEADING, $line->status === ReadLine::NOTE);
    }

    public function isSettled(): bool
    {
        return $this->ingredient !== null;
    }

    public function settled(SettledLine $as): self
    {
        return new self($this->id, $this->text, $this->heading, false, $as->ingredient->id, $as->amount, $as->method, $as->gramsPerUsCup);
    }

    public function leftOut(): self
    {
        return new self($this->id, $this->text, $this->heading, true);
    }

    /** It names a part of the recipe, whatever it reads as. */
    public function asHeading(): self
    {
        return new self($this->id, $this->text, true);
    }

    /** As it is read, nothing settled. */
    public function asRead(ReadLine $read): self
    {
        return self::read($this->id, $read);
    }

    /**
     * What it means for a kitchen: as settled, or as read where nothing must be asked; null where it is left out or open.
     *
     * @throws \Hovik\Core\InvalidInput when what was settled is no longer in the pantry
     */
    public function meaning(ReadLine $read, Pantry $pantry, MeasureStandard $standard): ?SettledLine
    {
        if ($this->skip || $this->heading) {
            return null;
        }
        if ($this->ingredient === null) {
            return SettledLine::from($read, $standard);
        }
        $isOpen = array_filter($read->flags, static fn (Flag $flag): bool => $flag->isAboutAmount() && $flag->mustBeSettled()) !== [];
        $amount = $this->amount ?? ($isOpen ? null : SettledLine::amount($read, $standard));

        return $amount === null ? null : SettledLine::of(
            $pantry->ingredient($this->ingredient), $amount, $this->method, $read->isSiftedLater(), $this->gramsPerUsCup,
        );
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'text' => $this->text,
            'heading' => $this->heading,
            'skip' => $this->skip,
            'ingredient' => $this->ingredient,
            'amount' => $this->amount?->toArray(),
            'method' => $this->method?->value,
            'g_per_us_cup' => $this->gramsPerUsCup === null ? null : (string) $this->gramsPerUsCup,
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->text('id'),
            $stored->text('text'),
            $stored->flag('heading', false),
            $stored->flag('skip', false),
            $stored->has('ingredient') ? $stored->text('ingredient') : null,
            $stored->has('amount') ? Amount::fromArray($stored->object('amount')) : null,
            $stored->has('method') ? $stored->enum('method', HouseMethod::class) : null,
            $stored->has('g_per_us_cup') ? $stored->decimal('g_per_us_cup') : null,
        );
    }
}

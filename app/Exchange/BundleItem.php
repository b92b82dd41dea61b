<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\LabItem;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\Tolerance;

/** One line of a shared lab. */
final readonly class BundleItem
{
    private function __construct(
        public ?string $text,
        public string $ingredient,
        public Amount $amount,
        public ?HouseMethod $method,
        public Strictness $strictness,
        public ?float $tolerancePct,
        public MeasuringMode $mode,
        public bool $shared,
        public ?string $gramsPerUsCup,
    ) {
    }

    public static function of(LabItem $item): self
    {
        return new self(
            $item->text, $item->ingredient_id, $item->amount, $item->method, $item->strictness, $item->tolerance_pct, $item->mode,
            $item->shared, $item->g_per_us_cup,
        );
    }

    /** @return array<string, mixed> as the file has it */
    public function toArray(): array
    {
        return [
            'text' => $this->text,
            'ingredient' => $this->ingredient,
            'amount' => KitchenNotation::write($this->amount->number),
            'unit' => $this->amount->unit->value,
            'method' => $this->method?->value,
            'strictness' => $this->strictness->value,
            'tolerance_pct' => $this->tolerancePct,
            'mode' => $this->mode->value,
            'shared' => $this->shared,
            'g_per_us_cup' => $this->gramsPerUsCup,
        ];
    }

    /** @throws InvalidInput naming what cannot be used */
    public static function read(JsonInput $item, Pantry $pantry): self
    {
        $method = $item->has('method') ? HouseMethod::named($item->text('method')) : null;
        $amount = Amount::of($item->text('amount'), Unit::named($item->text('unit')));
        $cup = $item->has('g_per_us_cup') ? $item->decimal('g_per_us_cup') : null;
        $settled = SettledLine::of($pantry->ingredient($item->text('ingredient')), $amount, $method, false, $cup);
        $settled->mustMakeSense($pantry);
        $tolerance = $item->numberOr('tolerance_pct', null);

        return new self(
            text: $item->has('text') ? mb_substr($item->text('text'), 0, 300) : null,
            ingredient: $settled->ingredient->id,
            amount: $settled->amount,
            method: $method,
            strictness: $item->has('strictness') ? $item->enum('strictness', Strictness::class) : Strictness::Structural,
            tolerancePct: $tolerance === null ? null : Tolerance::of($tolerance)->percent,
            mode: $item->has('mode') ? $item->enum('mode', MeasuringMode::class) : MeasuringMode::Checked,
            shared: $item->flag('shared', false),
            gramsPerUsCup: $cup === null ? null : (string) $cup,
        );
    }

    /** @return array<string, mixed> as columns of a lab's item */
    public function columns(): array
    {
        return [
            'text' => $this->text,
            'ingredient_id' => $this->ingredient,
            'amount' => $this->amount,
            'method' => $this->method,
            'strictness' => $this->strictness,
            'tolerance_pct' => $this->tolerancePct,
            'mode' => $this->mode,
            'shared' => $this->shared,
            'g_per_us_cup' => $this->gramsPerUsCup,
        ];
    }
}

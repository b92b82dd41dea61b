<?php

declare(strict_types=1);

namespace Hovik\Core\Simulator;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/**
 * The scale on the bench, with its keys: what it shows follows from what was done so far, in order. It behaves as kitchen
 * scales do: it counts from what lies on it when it is switched on or tared, forgets that when it goes off by itself, and
 * shows no number beyond its range.
 */
final class DrawnScale
{
    public const ACTIONS = ['power', 'unit', 'bowl', 'tare', 'pour', 'wait'];

    /** The units it can show, and its step there; none: its own step in grams. mL means water: a number like grams, with another word. */
    private const UNITS = ['g' => [Unit::Gram, null], 'oz' => [Unit::Ounce, 0.1], 'lb' => [Unit::Pound, 0.01], 'mL' => [Unit::Gram, null]];

    private const MOST_ACTIONS = 60;

    public bool $isOn = false;

    public string $unit = 'g';

    public bool $hasBowl = false;

    public bool $isPoured = false;

    /** What the last action was answered with, when it came to nothing. */
    public ?Phrase $note = null;

    private float $zeroG = 0.0;

    private function __construct(private readonly Scale $scale, private readonly float $bowlG, private readonly float $foodG)
    {
    }

    /**
     * @param  list<mixed>  $actions  in the order they were done
     * @param  float  $bowlG  what the bowl weighs, g
     * @param  float  $foodG  what was measured, g
     *
     * @throws InvalidInput when there is no such key
     */
    public static function after(array $actions, Scale $scale, float $bowlG, float $foodG): self
    {
        if (count($actions) > self::MOST_ACTIONS) {
            throw InvalidInput::because('actions', Phrase::of('refusal.start-again'));
        }
        $drawn = new self($scale, $bowlG, $foodG);
        foreach ($actions as $i => $action) {
            $drawn->note = null;
            match ($action) {
                'power' => $drawn->power(),
                'unit' => $drawn->switchUnit(),
                'bowl' => $drawn->bowl(),
                'tare' => $drawn->tare(),
                'pour' => $drawn->pour(),
                'wait' => $drawn->wait(),
                default => throw InvalidInput::because("actions.$i", Phrase::of('refusal.answer-keys')),
            };
        }

        return $drawn;
    }

    /** Whether it shows its overload sign. */
    public function isOverloaded(): bool
    {
        return $this->isOn && $this->scale->capacityG !== null && $this->loadG() > $this->scale->capacityG;
    }

    /** The number on the display, in its unit; null when it is off or overloaded. */
    public function number(): ?float
    {
        if (! $this->isOn || $this->isOverloaded()) {
            return null;
        }
        [$unit, $step] = self::UNITS[$this->unit];
        $grams = MeasureStandard::UsCustomary->sizeAbout($unit);
        $step ??= $this->scale->readabilityG;

        return round(round(($this->loadG() - $this->zeroG) / $grams / $step) * $step, 4) + 0.0;
    }

    /** Decimals of the display in this unit. */
    public function decimals(): int
    {
        return match ($this->unit) {
            'oz' => 1,
            'lb' => 2,
            default => $this->scale->decimals(),
        };
    }

    private function loadG(): float
    {
        return ($this->hasBowl ? $this->bowlG : 0.0) + ($this->isPoured ? $this->foodG : 0.0);
    }

    private function power(): void
    {
        $this->isOn = ! $this->isOn;
        $this->unit = 'g';
        $this->zeroG = $this->loadG();
    }

    private function switchUnit(): void
    {
        if (! $this->isOn) {
            $this->note = Phrase::of('scale.off');

            return;
        }
        $units = array_keys(self::UNITS);
        $this->unit = $units[((int) array_search($this->unit, $units, true) + 1) % count($units)];
    }

    private function bowl(): void
    {
        if ($this->hasBowl && $this->isPoured) {
            $this->note = Phrase::of('scale.bowl-full');

            return;
        }
        $this->hasBowl = ! $this->hasBowl;
    }

    private function tare(): void
    {
        if (! $this->isOn) {
            $this->note = Phrase::of('scale.off');

            return;
        }
        $this->zeroG = $this->loadG();
    }

    private function pour(): void
    {
        if (! $this->hasBowl) {
            $this->note = Phrase::of('scale.no-bowl');

            return;
        }
        $this->isPoured = true;
    }

    /** Two minutes go by: it switches itself off, and what it counted from is lost. */
    private function wait(): void
    {
        if ($this->isOn) {
            $this->isOn = false;
            $this->zeroG = 0.0;
            $this->note = Phrase::of('scale.auto-off');
        }
    }
}

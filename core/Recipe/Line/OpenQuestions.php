<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Kind;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\NameFinder;
use Hovik\Core\Recipe\ReadAmount;
use Hovik\Core\Recipe\Reading;
use Hovik\Core\Recipe\Token;
use Hovik\Core\Technique\HouseMethod;

/** What only the whole line shows: units that are missing or mean two things, kinds and forms to choose from. */
final readonly class OpenQuestions implements PartReader
{
    /** Measures nobody can check without a figure from the teacher. */
    public const UNCHECKABLE = [Unit::Pinch, Unit::Dash, Unit::Smidgen, Unit::Drop, Unit::Handful, Unit::Knob, Unit::Part];

    /** Where before and after the measuring differ by more than this share of the weight, an adjective behind its noun asks. */
    private const TELLING = 0.12;

    public function __construct(private Pantry $pantry, private NameFinder $names)
    {
    }

    public function read(Reading $r): void
    {
        $said = $r->amounts[0]->unit ?? null;
        if ($r->ingredient !== null && $said !== null) {
            $r->ingredient = $this->pantry->measuredBy($said, $r->ingredient);
        }
        $ingredient = $r->ingredient;
        if ($ingredient !== null) {
            $this->whichKind($r, $ingredient);
            $isPiece = $ingredient->gramsPerPiece !== null;
            $r->amounts = array_map(
                static fn (ReadAmount $a): ReadAmount => $a->unit === null && $isPiece ? new ReadAmount($a->min, $a->max, Unit::Piece) : $a,
                $r->amounts,
            );
        }
        foreach ($r->amounts as $amount) {
            if ($amount->unit === null) {
                $r->flag(match ($r->measure?->isOpen) {
                    null => Flag::NoUnit,
                    true => Flag::AmbiguousUnit,
                    false => Flag::NotCheckable,
                });
            } elseif ($amount->min->isPositive() && $amount->min->isLessThan($this->leastSure($r, $amount->unit))) {
                $r->flag(Flag::AmbiguousUnit);
            } elseif ($amount->unit === Unit::Stick && $r->words->language === 'es' && $r->also === [] && $r->package === null) {
                $r->flag(Flag::PackageSize); // 113 g in one country, 90 g in another
            } elseif ($amount->unit === Unit::Ounce && $ingredient !== null && $ingredient->family->isPoured()) {
                $r->flag(Flag::AmbiguousOunce);
            } elseif (in_array($amount->unit, self::UNCHECKABLE, true)) {
                $r->flag(Flag::NotCheckable);
            } elseif (in_array($amount->unit, [Unit::Can, Unit::Packet], true) && $r->package === null && $r->also === []) {
                $r->flag(Flag::PackageSize);
            }
        }
        if ($r->size === 'heaped' || $r->size === 'scant') {
            $r->flag(Flag::NotCheckable);
        }
        if ($r->saysT && preg_match('~\p{Ll}~u', $r->text) !== 1) {
            $r->flag(Flag::AmbiguousT);
        }
        if ($r->amounts === []) {
            $r->flag(Flag::NoAmount);
        }
    }

    /** Below how many of a unit its word may mean another one: '5 cc' may be a spoon. */
    private function leastSure(Reading $r, Unit $unit): int
    {
        return max(0, ...array_map(
            static fn (Token $token): int => $token->measure?->unit === $unit ? $token->measure->leastSure : 0, $r->tokens,
        ));
    }

    private function whichKind(Reading $r, Ingredient $ingredient): void
    {
        $alias = $r->match->alias ?? '';
        $kind = Kind::tryFrom($r->words->kinds[$alias] ?? '');
        $meanings = $this->names->meanings($alias);
        $r->openWord = $kind !== null || $meanings !== [] ? $alias : null;
        $isSaid = $this->pantry->meaningOf($alias) !== null;
        if ($kind !== null && ! $isSaid) {
            $r->flag($kind === Kind::Salt ? Flag::SaltCrystal : Flag::WhichKind);
            array_push($r->options, ...$this->pantry->ofKind($kind));
        }
        if ($kind === null && $meanings !== [] && ! $isSaid) {
            array_push($r->options, ...$meanings);
            $r->flag(Flag::WhichKind);
        }
        $this->wordOrder($r, $ingredient);
        // The pantry's weight is of the food in this form; measured otherwise by volume, it weighs otherwise.
        $form = array_values(array_intersect(explode(' ', mb_strtolower($ingredient->name)), $r->words->forms));
        $byVolume = ($r->amounts[0]->unit ?? null)?->dimension() === Dimension::Volume;
        $this->noFigure($r, $ingredient, $byVolume);
        if ($form !== [] && $byVolume && array_intersect($r->words->isBehind ? $r->words->forms : $form, $r->before) === []) {
            $r->flag(Flag::WhichForm);
        }
    }

    /** A way of filling the tool, or of sifting, that no figure is known for is never taken for the usual one. */
    private function noFigure(Reading $r, Ingredient $ingredient, bool $byVolume): void
    {
        $isPressedAnyway = in_array($ingredient->family, [Family::SolidFat, Family::NutButter, Family::ThickDairyPuree], true);
        foreach ($byVolume ? [...$r->before, ...$r->after] : [] as $word) {
            $degree = HouseMethod::ofWord($word);
            $isSifting = $word === 'sifted' && in_array($word, $r->before, true) && $ingredient->family !== Family::FinePowder;
            if ($isSifting || $degree !== null && ! $degree->suits($ingredient->family) && ! $isPressedAnyway) {
                $r->flag(Flag::NoFigure);
            }
        }
    }

    /** 'Crema batida', 'azúcar glas cernida': commas are set loosely, and air weighs nothing. */
    private function wordOrder(Reading $r, Ingredient $ingredient): void
    {
        $isByVolume = ($r->amounts[0]->unit ?? null)?->dimension() === Dimension::Volume;
        if (! $isByVolume || ! $r->isNear) {
            return;
        }
        $sifted = in_array('sifted', $r->before, true) ? $this->pantry->handlingFactor($ingredient, Handling::Sifted) : null;
        if (in_array('whipped', $r->before, true) || $sifted !== null && abs(1 - $sifted->mean->toFloat()) > self::TELLING) {
            $r->flag(Flag::WordOrder);
        }
    }
}

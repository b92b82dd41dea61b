<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Quantity\UnitTable;

/** The units of core/data/units.csv as recipes write them: case first (T and t differ), then without regard to case. */
final class UnitWords
{
    /** Slips of the hand that are further off than a letter. */
    private const SLIPS = [
        'cpu' => Unit::Cup, 'cpus' => Unit::Cup, 'csup' => Unit::Cup, 'cusp' => Unit::Cup, 'cus' => Unit::Cup, 'cuo' => Unit::Cup,
        'tps' => Unit::Teaspoon, 'tspn' => Unit::Teaspoon, 'teasp' => Unit::Teaspoon, 'teaspn' => Unit::Teaspoon,
        'tbps' => Unit::Tablespoon, 'tbspn' => Unit::Tablespoon, 'tablesp' => Unit::Tablespoon, 'tbspoon' => Unit::Tablespoon,
        'tspoon' => Unit::Teaspoon, 'grms' => Unit::Gram, 'gramms' => Unit::Gram, 'punds' => Unit::Pound,
    ];

    /** @var array<string, Unit> by symbol as written */
    private array $exact = [];

    /** @var array<string, Unit> by symbol in lower case, single letters left out */
    private array $loose = [];

    public function __construct()
    {
        foreach (UnitTable::rows() as $id => $row) {
            foreach (explode('|', $row['symbols']) as $symbol) {
                if (str_ends_with($symbol, ' butter')) {
                    continue; // 'sticks butter': the butter is the ingredient
                }
                $spelled = implode(' ', array_map(static fn (Token $t): string => rtrim($t->text, '.'), Token::split($symbol)));
                $this->exact[$spelled] ??= Unit::from($id);
                if (strlen($spelled) > 1) {
                    $this->loose[mb_strtolower($spelled)] ??= Unit::from($id);
                }
            }
        }
        foreach (['cupful' => Unit::Cup, 'teaspoonful' => Unit::Teaspoon, 'tablespoonful' => Unit::Tablespoon] as $word => $unit) {
            $this->loose[$word] = $this->loose["{$word}s"] = $unit;
        }
    }

    /** @return array{Unit, int}|null the unit at a position and how many tokens it takes */
    public function at(Reading $r, int $at): ?array
    {
        if (($r->tokens[$at]->means ?? null) !== null) {
            $unit = $r->tokens[$at]->measure?->unit;

            return $unit === null ? null : [$unit, 1];
        }
        if ($r->word($at) === 'l' && $r->word($at + 1) === '/') {
            return null; // a scan's 1/2
        }
        for ($length = 2; $length > 0; $length--) {
            $tokens = array_slice($r->tokens, $at, $length);
            if (count($tokens) < $length || ! $tokens[0]->isWord() && $tokens[0]->text !== '#') {
                continue;
            }
            $written = implode(' ', array_map(static fn (Token $t): string => rtrim($t->text, '.'), $tokens));
            $unit = $this->exact[$written] ?? $this->loose[mb_strtolower($written)] ?? null;
            // 'floz' and 'fl.oz.' come as two tokens or one; 'whole' is a unit only before a thing that is counted
            if (
                $unit !== null
                    && ! (mb_strtolower($written) === 'whole' && in_array($r->word($at + 1), ['wheat', 'milk', 'grain', 'meal', '-'], true))
            ) {
                return [$unit, $length];
            }
        }

        return null;
    }

    /** A unit's word a letter or two off, where only a unit can stand. */
    public function alike(Reading $r, int $at): ?Unit
    {
        $word = $r->words->language === 'en' ? $r->word($at) : '';
        $best = null;
        $least = 3;
        foreach (strlen($word) < 4 ? [] : $this->loose as $known => $unit) {
            $allowed = strlen($known) >= 8 ? 2 : 1;
            $apart = strlen($known) < 4 ? $least : levenshtein($word, $known);
            if ($apart <= min($allowed, $least - 1) && $known[0] === $word[0]) {
                [$best, $least] = [$unit, $apart];
            }
        }

        return $best ?? (self::SLIPS[$word] ?? null);
    }

    /** A thing measured with that has no size, or has several. */
    public function measureAt(Reading $r, int $at): ?Measure
    {
        return $r->tokens[$at]->measure ?? (in_array($r->word($at), $r->words->sizeless, true) ? Measure::sizeless() : null);
    }

    /** A can, a packet, or another container at a position; boxes, tubs and the like count as packets. */
    public function containerAt(Reading $r, int $at): ?Unit
    {
        $unit = $this->at($r, $at);
        if ($unit !== null && $unit[0]->dimension() === Dimension::Ambiguous) {
            return $unit[0];
        }

        return in_array($r->word($at), $r->words->containers, true) ? Unit::Packet : null;
    }
}

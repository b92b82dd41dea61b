<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\NameFinder;
use Hovik\Core\Recipe\NameMatch;
use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\Reading;

/** The ingredient: the longest name of the pantry that nothing around it makes another food. */
final readonly class Name implements PartReader
{
    public function __construct(private NameFinder $names, private Pantry $pantry)
    {
    }

    public function read(Reading $r): void
    {
        $from = $r->at;
        $end = $r->nameEnds ?? count($r->tokens);
        foreach ($r->segments($from, $end) as [$a, $b]) {
            $match = $this->names->find(array_slice($r->tokens, $a, $this->nameEnd($r, $a, $b) - $a, true));
            $match = $match === null ? null : $this->firstOfTwo($r, $match, $a) ?? $match;
            if ($match !== null && $this->claims($r, $match, $a, $b)) {
                $this->saidEarlier($r, $from, $a);

                return;
            }
        }
        foreach ($r->segments($from, $end) as [$a, $b]) {
            $match = $this->names->findAlike(array_slice($r->tokens, $a, $b - $a, true));
            if ($match !== null && $this->claims($r, $match, $a, $b)) {
                $r->flag(Flag::Spelling);

                return;
            }
        }
        $this->unknownName($r, $from, $end);
    }

    /** True when nothing before or behind the name makes it another food: 'almond milk' is no milk, 'honey mustard' no honey. */
    private function claims(Reading $r, NameMatch $match, int $a, int $b): bool
    {
        $behind = $match->from + $match->length;
        for ($i = $a; $i < $match->from; $i++) {
            $word = $r->word($i);
            $harmless = $r->words->isHandling($word) || $r->words->isPlain($word) || $r->hears($i)
                || in_array($word, $r->words->nameJoins, true) || $r->tokens[$i]->isNumber();
            if (! $harmless) {
                $r->options[] = $match->ingredient;

                return false;
            }
        }
        $stops = $r->words->nameStops;
        for ($i = $behind; $i < $b && ! in_array($r->word($i), $stops, true); $i++) {
            $word = $r->word($i);
            // 'cream of tartar' is no cream, 'leche de burra' no milk.
            $isOther = $i === $behind && in_array($word, $r->words->of, true);
            if ($isOther || ! $r->words->isHandling($word) && ! $r->words->isPlain($word) && ! $r->words->isRemark($word)) {
                $r->options[] = $match->ingredient;

                return false;
            }
        }
        $r->match = $match;
        $r->ingredient = $this->pantry->meaningOf($match->alias) ?? $this->pantry->ingredient($match->ingredient);
        for ($i = $a; $i < $behind; $i++) {
            $word = $r->word($i);
            $isPart = $i >= $match->from;
            if ($r->words->isHandling($word) && ! ($isPart && $r->isStillToDo($i))) {
                $r->before[] = $r->withAdverb($i, $word);
                $r->isNear = $r->isNear || $r->words->isBehind;
                $r->mark(Part::Handling, $i, 1);
            } elseif (in_array($word, $r->words->how, true) && $r->words->isHandling($r->word($i + 1))) {
                $r->mark(Part::Handling, $i, 1);
            } else {
                $r->mark($isPart ? Part::Ingredient : Part::Note, $i, 1);
            }
        }
        $r->behindName = $behind;

        return true;
    }

    /** '1 cup (packed) brown sugar' */
    private function saidEarlier(Reading $r, int $from, int $to): void
    {
        for ($i = $from; $i < $to; $i++) {
            if ($r->words->isHandling($r->word($i))) {
                $r->before[] = $r->withAdverb($i, $r->word($i));
                $r->mark(Part::Handling, $i, 1);
            } elseif ($r->words->isPlain($r->word($i))) {
                $r->mark(Part::Note, $i, 1);
            }
        }
    }

    /** 'Salt and pepper': two foods in a line; the first is taken, the other stays unread. */
    private function firstOfTwo(Reading $r, NameMatch $second, int $from): ?NameMatch
    {
        $and = $second->from - 1;

        return $and > $from && in_array($r->word($and), $r->words->plus, true)
            ? $this->names->find(array_slice($r->tokens, $from, $and - $from, true))
            : null;
    }

    /** Of a counted food the name ends before what is done to it: '2 plátanos machacados' are two bananas, not mashed ones. */
    private function nameEnd(Reading $r, int $from, int $end): int
    {
        for ($i = $from; $r->isCounted() && $i < $end; $i++) {
            if ($r->words->isBehind && $i > $from && $r->words->isHandling($r->word($i))) {
                return $i;
            }
        }

        return $end;
    }

    private function unknownName(Reading $r, int $from, int $end): void
    {
        [$a, $b] = $r->segments($from, $end)[0] ?? [$from, $from];
        $words = [];
        for ($i = $a; $i < $b; $i++) {
            $word = $r->word($i);
            if (in_array($word, $r->words->unknownStops, true) && $words !== []) {
                $b = $i;
                break;
            }
            if ($r->words->isHandling($word) && $i + 1 < $b) {
                $r->before[] = $word;
                $r->mark(Part::Handling, $i, 1);
            } elseif ($r->tokens[$i]->isWord() && ! in_array($word, $r->words->of, true)) {
                $words[] = $r->tokens[$i]->text;
            }
        }
        $r->unknown = implode(' ', $words);
        $r->behindName = $b;
        if ($words !== []) {
            $r->flag(Flag::UnknownIngredient);
        }
    }
}

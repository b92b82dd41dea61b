<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigRational;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\Unit;

/**
 * Reads one line of a recipe. Word order carries the method: what is done to an ingredient before its name comes before the
 * measuring, what stands behind it comes after. Nothing is dropped and nothing guessed in silence: what is not understood
 * stays in the line as unread, and what is open becomes a flag.
 */
final class LineReader
{
    /** Longest line read; the rest is unread. */
    private const LONGEST = 300;

    /** Measures nobody can check without a figure from the teacher. */
    private const UNCHECKABLE = [Unit::Pinch, Unit::Dash, Unit::Smidgen, Unit::Drop, Unit::Handful, Unit::Knob, Unit::Part];

    private readonly NameFinder $names;

    private readonly UnitWords $units;

    public function __construct(private readonly Pantry $pantry)
    {
        $this->names = new NameFinder($pantry);
        $this->units = new UnitWords;
    }

    public function read(string $text): ReadLine
    {
        $tokens = Token::split(mb_substr($text, 0, self::LONGEST));
        if (! mb_check_encoding($text, 'UTF-8') || $tokens === []) {
            return new ReadLine($text, ReadLine::UNREAD, [new Piece(Part::Unread, $text)]);
        }
        $reading = new Reading($tokens);
        $start = $this->skipBullet($reading);
        if ($this->isHeading($text, $reading, $start)) {
            return new ReadLine($text, ReadLine::HEADING, [new Piece(Part::Note, $text)], name: self::headingName($text));
        }
        $at = $this->amounts($reading, $start);
        if ($reading->amounts === [] && $reading->package === null) {
            $this->amountAtEnd($reading, $at);
        }
        $this->name($reading, $at);
        $this->remarks($reading);
        $this->settle($reading, $text);

        return $reading->line($text, mb_substr($text, self::LONGEST));
    }

    private function skipBullet(Reading $r): int
    {
        $at = 0;
        // "1." and "2)" number a list; "1 1/2" does not.
        if (isset($r->tokens[1]) && preg_match('~^\d{1,2}$~', $r->tokens[0]->text) === 1 && in_array($r->tokens[1]->text, ['.', ')'], true) && $r->tokens[1]->space === '') {
            $at = 2;
        }
        while (isset($r->tokens[$at]) && in_array($r->tokens[$at]->text, ['-', '–', '—', '*', '•', '·', '◦', '▪', '○', '[', ']', '☐', '+', '#', '>', '_', '~'], true)) {
            $at++;
        }
        $r->mark(Part::Filler, 0, $at);

        return $at;
    }

    private function isHeading(string $text, Reading $r, int $start): bool
    {
        $plain = trim($text, " \t*_#");
        if ($this->number($r, $start) !== null) {
            return false;
        }

        return preg_match('~^[^\d:]{2,60}:$~u', $plain) === 1
            || preg_match('~^for (the |a )?[\p{L} ]{3,40}$~ui', $plain) === 1
            || preg_match('~^\s*(#{1,6}\s|\*\*[^*]+\*\*\s*$)~u', $text) === 1;
    }

    private static function headingName(string $text): string
    {
        return trim((string) preg_replace('~^(for (the |a )?)~i', '', trim($text, " \t*_#:")));
    }

    /** Reads amounts from here on; says where the name begins. */
    private function amounts(Reading $r, int $at): int
    {
        $at = $this->approximately($r, $at);
        $at = $this->size($r, $at);
        while (($read = $this->oneAmount($r, $at)) !== null) {
            [$amount, $next] = $read;
            $r->amounts[] = $amount;
            $at = $this->otherwiseSaid($r, $next);
            $join = $r->word($at);
            if (! in_array($join, ['plus', '+', 'and', '&'], true) || $this->number($r, $at + 1) === null) {
                break;
            }
            $r->mark(Part::Amount, $at, 1);
            $at++;
        }

        return $at;
    }

    private function approximately(Reading $r, int $at): int
    {
        if (in_array($r->word($at), ['about', 'approximately', 'approx', 'around', 'roughly', 'circa', 'ca', '~', '≈'], true)) {
            $r->flag(Flag::Approximate);
            $r->mark(Part::Note, $at, 1);
            $at++;
        }

        return $at;
    }

    private function size(Reading $r, int $at): int
    {
        $word = $r->word($at);
        if (isset(Lexicon::SIZES[$word]) && $r->size === null) {
            $r->size = Lexicon::SIZES[$word];
            $r->mark(Part::Size, $at, 1);
            $at++;
        }

        return $at;
    }

    /** @return array{ReadAmount, int}|null the amount and where it ends; null when there is none here */
    private function oneAmount(Reading $r, int $at): ?array
    {
        $number = $this->number($r, $at);
        if ($number === null && $r->amounts === [] && $this->isOneUnsaid($r, $at)) {
            $number = [BigRational::one(), $at];
        }
        if ($number === null) {
            return null;
        }
        [$min, $next] = $number;
        $max = null;
        if (in_array($r->word($next), ['-', '–', '—', 'to', 'or'], true)) {
            $second = $this->number($r, $next + 1);
            if ($second !== null && $second[0]->isGreaterThan($min)) {
                [$max, $next] = $second;
                $r->flag(Flag::Range);
            }
        }
        $r->mark(Part::Amount, $at, $next - $at);
        $packaged = $this->packaged($r, $next);
        if ($packaged !== null) {
            [$unit, $next] = $packaged;

            return [new ReadAmount($min, $max, $unit), $next];
        }
        $next = $this->size($r, $next);
        $container = $this->units->containerAt($r, $next);
        $unit = $this->units->at($r, $next) ?? ($container === null ? null : [$container, 1]);
        if ($unit === null) {
            return [new ReadAmount($min, $max, null), $next];
        }
        [$which, $length] = $unit;
        $r->mark(Part::Amount, $next, $length);
        if (in_array($r->tokens[$next]->text, ['T', 'T.', 't', 't.'], true)) {
            $r->saysT = true;
        }
        $next += $length;
        if ($which->dimension() === Dimension::Ambiguous && $r->word($next) === '(') {
            $inside = $this->amountInBrackets($r, $next);
            if ($inside !== null) {
                [$r->package, $next] = $inside;
            }
        }
        if ($r->word($next) === 'of') {
            $r->mark(Part::Filler, $next, 1);
            $next++;
        }

        return [new ReadAmount($min, $max, $which), $next];
    }

    /** 'heaping tsp cocoa', 'pinch of salt': one of it. */
    private function isOneUnsaid(Reading $r, int $at): bool
    {
        $unit = $this->units->at($r, $at)[0] ?? null;

        return $unit !== null && ($r->size !== null || in_array($unit, self::UNCHECKABLE, true)) && ! $r->tokens[$at]->isNumber();
    }

    /**
     * "1 (400 g) can", "2 x 400 g cans", "1 14-ounce can", behind the number.
     *
     * @return array{Unit, int}|null
     */
    private function packaged(Reading $r, int $at): ?array
    {
        $from = $at;
        $package = null;
        if ($r->word($at) === '(') {
            $inside = $this->amountInBrackets($r, $at);
            if ($inside === null) {
                return null;
            }
            [$package, $at] = $inside;
        } else {
            $times = in_array($r->word($at), ['x', '×'], true);
            $number = $this->number($r, $times ? $at + 1 : $at);
            if ($number === null) {
                return null;
            }
            [$size, $at] = $number;
            if ($r->word($at) === '-') {
                $at++;
            }
            $unit = $this->units->at($r, $at);
            if ($unit === null) {
                return null;
            }
            $at += $unit[1];
            $package = new ReadAmount($size, null, $unit[0]);
        }
        $container = $this->units->containerAt($r, $at);
        if ($container === null) {
            return null;
        }
        $r->package = $package;
        $r->mark(Part::Package, $from, $at - $from);
        $r->mark(Part::Amount, $at, 1);
        $at++;
        if ($r->word($at) === 'of') {
            $r->mark(Part::Filler, $at, 1);
            $at++;
        }

        return [$container, $at];
    }

    /** @return array{ReadAmount, int}|null "(400 g)" */
    private function amountInBrackets(Reading $r, int $at): ?array
    {
        $inner = $at + 1;
        if (in_array($r->word($inner), ['about', 'approximately', 'approx', 'roughly', 'or'], true)) {
            $inner++;
        }
        $number = $this->number($r, $inner);
        $gap = $number !== null && $r->word($number[1]) === '-' ? 1 : 0;
        $unit = $number === null ? null : $this->units->at($r, $number[1] + $gap);
        if ($number === null || $unit === null) {
            return null;
        }
        $end = $number[1] + $gap + $unit[1];
        while ($r->word($end) !== ')' && isset($r->tokens[$end]) && ($r->word($end) === 'each' || $r->word($end) === '/' || $r->tokens[$end]->isNumber() || $this->units->at($r, $end) !== null)) {
            $end++; // "(400 g / 14 oz each)"
        }
        if ($r->word($end) !== ')') {
            return null;
        }
        $r->mark(Part::Package, $at, $end + 1 - $at);

        return [new ReadAmount($number[0], null, $unit[0]), $end + 1];
    }

    /** "(125 g)" or "/ 125 g" behind an amount says it again. */
    private function otherwiseSaid(Reading $r, int $at): int
    {
        if ($r->word($at) === '(') {
            $inside = $this->amountInBrackets($r, $at);
            if ($inside !== null) {
                $r->mark(Part::Amount, $at, $inside[1] - $at);
                $r->also[] = $inside[0];
                $at = $inside[1];
            }
        }
        if (in_array($r->word($at), ['/', '|'], true) && ($number = $this->number($r, $at + 1)) !== null && ($unit = $this->units->at($r, $number[1])) !== null) {
            $end = $number[1] + $unit[1];
            $r->mark(Part::Amount, $at, $end - $at);
            $r->also[] = new ReadAmount($number[0], null, $unit[0]);
            $at = $end;
        }
        if ($r->word($at) === 'of') {
            $r->mark(Part::Filler, $at, 1);
            $at++;
        }

        return $at;
    }

    /** "Flour: 250 g", "Butter, 2 sticks": the amount at the end of the line. */
    private function amountAtEnd(Reading $r, int $from): void
    {
        for ($at = $from + 1, $count = count($r->tokens); $at < $count; $at++) {
            if (! in_array($r->word($at - 1), [',', ':', '-', '–', '—', '…'], true) || $this->number($r, $at) === null) {
                continue;
            }
            $read = $this->oneAmount($r, $at);
            if ($read !== null && trim(implode('', array_map(static fn (Token $t): string => $t->text, array_slice($r->tokens, $read[1]))), '. ') === '') {
                $r->amounts[] = $read[0];
                $r->mark(Part::Filler, $at - 1, 1);
                $r->nameEnds = $at - 1;

                return;
            }
        }
    }

    /**
     * A number, in figures or in words.
     *
     * @return array{BigRational, int}|null the number, and the position behind it
     */
    private function number(Reading $r, int $at): ?array
    {
        return NumberWords::at($r, $at, fn (int $behind): bool => $this->units->at($r, $behind) !== null || isset(Lexicon::SIZES[$r->word($behind)]) || $this->isPiece($r, $behind));
    }

    /** 'an egg', 'a ripe banana' */
    private function isPiece(Reading $r, int $at): bool
    {
        while (Lexicon::isPlain($r->word($at))) {
            $at++;
        }
        $match = $this->names->find(array_slice($r->tokens, $at, 2, true));

        return $match !== null && $match->from === $at && $this->pantry->ingredient($match->ingredient)->gramsPerPiece !== null;
    }

    private function name(Reading $r, int $from): void
    {
        $end = $r->nameEnds ?? count($r->tokens);
        foreach ($r->segments($from, $end) as [$a, $b]) {
            $match = $this->names->find(array_slice($r->tokens, $a, $b - $a, true));
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
            $harmless = Lexicon::isHandling($word) || Lexicon::isPlain($word) || in_array($word, ['of', '-', 'and', '&', '%', 'x', 'a', 'an'], true) || $r->tokens[$i]->isNumber();
            if (! $harmless) {
                $r->options[] = $match->ingredient;

                return false;
            }
        }
        $stops = ['or', 'plus', 'to', 'for', 'at', 'and', '&', '(', '-', '–', '—', 'with', 'in', 'if', 'as', 'from', 'optional', 'divided', '+', '/', '*', '.', '[', 'cut', 'see', 'about', 'each', 'into'];
        for ($i = $behind; $i < $b && ! in_array($r->word($i), $stops, true); $i++) {
            if (! Lexicon::isHandling($r->word($i)) && ! Lexicon::isPlain($r->word($i)) && ! Lexicon::isRemark($r->word($i))) {
                $r->options[] = $match->ingredient;

                return false;
            }
        }
        $r->match = $match;
        $r->ingredient = $this->pantry->ingredient($match->ingredient);
        for ($i = $a; $i < $behind; $i++) {
            $word = $r->word($i);
            $isPart = $i >= $match->from;
            if (Lexicon::isHandling($word)) {
                $r->before[] = $this->withAdverb($r, $i, $word);
                $r->mark(Part::Handling, $i, 1);
            } elseif (in_array($word, Lexicon::HOW, true) && Lexicon::isHandling($r->word($i + 1))) {
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
            if (Lexicon::isHandling($r->word($i))) {
                $r->before[] = $this->withAdverb($r, $i, $r->word($i));
                $r->mark(Part::Handling, $i, 1);
            } elseif (Lexicon::isPlain($r->word($i))) {
                $r->mark(Part::Note, $i, 1);
            }
        }
    }

    /** 'lightly packed' stays said so: it weighs otherwise. */
    private function withAdverb(Reading $r, int $at, string $word): string
    {
        $adverb = $at > 0 ? $r->word($at - 1) : '';

        return $word === 'packed' && in_array($adverb, ['lightly', 'loosely'], true) ? "$adverb $word" : $word;
    }

    private function unknownName(Reading $r, int $from, int $end): void
    {
        [$a, $b] = $r->segments($from, $end)[0] ?? [$from, $from];
        $words = [];
        for ($i = $a; $i < $b; $i++) {
            $word = $r->word($i);
            if (in_array($word, ['to', 'or', 'plus', '(', 'for'], true) && $words !== []) {
                $b = $i;
                break;
            }
            if (Lexicon::isHandling($word) && $i + 1 < $b) {
                $r->before[] = $word;
                $r->mark(Part::Handling, $i, 1);
            } elseif ($r->tokens[$i]->isWord() && $word !== 'of') {
                $words[] = $r->tokens[$i]->text;
            }
        }
        $r->unknown = implode(' ', $words);
        $r->behindName = $b;
        if ($words !== []) {
            $r->flag(Flag::UnknownIngredient);
        }
    }

    /** What stands behind the name: handling that comes after the measuring, and remarks. */
    private function remarks(Reading $r): void
    {
        $end = $r->nameEnds ?? count($r->tokens);
        for ($i = $r->behindName; $i < $end; $i++) {
            $word = $r->word($i);
            if ($word === '' || ! $r->tokens[$i]->isWord()) {
                $r->mark(in_array($r->tokens[$i]->text, [',', '(', ')', ';', '.', '-', '–', '—', '/', '[', ']', '*', '', '°'], true) ? Part::Filler : Part::Unread, $i, 1);
            } elseif ($word === 'or') {
                $this->alternative($r, $i, $end);
            } elseif ($r->said($i, 'plus', 'more') || $r->said($i, 'plus', 'extra') || $r->said($i, 'and', 'more') || $r->said($i, 'extra', 'for')) {
                $r->flag(Flag::HeldBack);
                $r->mark(Part::Note, $i, 1);
            } elseif ($r->said($i, 'to', 'taste')) {
                $r->flag(Flag::ToTaste);
                $r->mark(Part::Note, $i, 1);
            } elseif (Lexicon::isHandling($word)) {
                $r->after[] = $this->withAdverb($r, $i, $word);
                $r->mark(Part::Handling, $i, 1);
            } elseif ($word === 'divided' || $word === 'optional') {
                $r->flag($word === 'divided' ? Flag::Divided : Flag::Optional);
                $r->mark(Part::Note, $i, 1);
            } elseif (Lexicon::isRemark($word) || Lexicon::isPlain($word)) {
                $r->mark(in_array($word, Lexicon::HOW, true) && Lexicon::isHandling($r->word($i + 1)) ? Part::Handling : Part::Note, $i, 1);
            }
        }
        // A number inside a remark that is itself understood belongs to it: 'cut into 2 cm cubes'.
        for ($i = $r->behindName + 1; $i + 1 < $end; $i++) {
            if ($r->tokens[$i]->isNumber() && $r->tokens[$i]->part === Part::Unread && $r->tokens[$i - 1]->part !== Part::Unread) {
                $r->mark(Part::Note, $i, 1);
                if (in_array($r->word($i + 1), ['cm', 'mm', 'inch', 'in', 'minutes', 'min'], true)) {
                    $r->mark(Part::Note, $i + 1, 1);
                }
            }
        }
    }

    /** 'butter or margarine': the first is taken, the other is kept as a choice. */
    private function alternative(Reading $r, int $at, int $end): void
    {
        $r->mark(Part::Note, $at, 1);
        $other = $this->names->find(array_slice($r->tokens, $at + 1, $end - $at - 1, true));
        $first = $r->ingredient?->id;
        if ($other === null || $first === null) {
            return;
        }
        $r->flag(Flag::Alternative);
        if ($other->ingredient !== $first) {
            array_push($r->options, $first, $other->ingredient);
        }
        $r->mark(Part::Note, $at + 1, $other->from + $other->length - $at - 1);
    }

    /** The flags that need the whole line. */
    private function settle(Reading $r, string $text): void
    {
        $ingredient = $r->ingredient;
        if ($ingredient !== null) {
            $this->whichKind($r, $ingredient, $text);
            $isPiece = $ingredient->gramsPerPiece !== null;
            $r->amounts = array_map(static fn (ReadAmount $a): ReadAmount => $a->unit === null && $isPiece ? new ReadAmount($a->min, $a->max, Unit::Piece) : $a, $r->amounts);
        }
        foreach ($r->amounts as $amount) {
            if ($amount->unit === null) {
                $r->flag(Flag::NoUnit);
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
        if ($r->saysT && preg_match('~\p{Ll}~u', $text) !== 1) {
            $r->flag(Flag::AmbiguousT);
        }
        if ($r->amounts === []) {
            $r->flag(Flag::NoAmount);
        }
    }

    private function whichKind(Reading $r, Ingredient $ingredient, string $text): void
    {
        $alias = $r->match->alias ?? '';
        $kinds = match (true) {
            in_array($alias, ['salt', 'sea salt', 'coarse salt', 'kosher salt', 'coarse kosher salt', 'kosher style salt'], true) => ['table-salt', 'fine-sea-salt', 'coarse-salt-light-flakes', 'coarse-salt-dense-flakes'],
            in_array($alias, ['yeast', 'dry yeast', 'dried yeast'], true) => ['active-dry-yeast', 'instant-yeast'],
            in_array($alias, ['cornmeal', 'corn meal'], true) => ['cornmeal', 'cornmeal-whole-grain'],
            in_array($alias, ['breadcrumb', 'bread crumb'], true) => ['breadcrumbs-dry', 'breadcrumbs-fresh'],
            $alias === 'coffee' => ['brewed-coffee'],
            default => [],
        };
        if ($kinds !== []) {
            $r->flag($ingredient->family === Family::LeavenerSpice && str_contains($alias, 'salt') ? Flag::SaltCrystal : Flag::WhichKind);
            array_push($r->options, ...$kinds);
        }
        // The pantry's weight is of the food in this form; measured otherwise by volume, it weighs otherwise.
        $form = array_values(array_intersect(NameFinder::words($ingredient->name), Lexicon::FORMS));
        $byVolume = ($r->amounts[0]->unit ?? null)?->dimension() === Dimension::Volume;
        if ($form !== [] && $byVolume && array_intersect($form, $r->before) === []) {
            $r->flag(Flag::WhichForm);
        }
    }
}

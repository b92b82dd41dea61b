<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Role;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\NameFinder;
use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\Reading;

/** What stands behind the name: handling that comes after the measuring, and remarks. */
final readonly class Remarks implements PartReader
{
    private const SIGNS = [',', '(', ')', ';', '.', '-', '–', '—', '/', '&', '%', '[', ']', '*', '', '°'];

    public function __construct(private NameFinder $names, private Packages $packages, private AmountPhrase $amount)
    {
    }

    public function read(Reading $r): void
    {
        $this->between($r, $r->behindName, $r->nameEnds ?? count($r->tokens));
        if ($r->remarksFrom !== null) {
            $this->between($r, $r->remarksFrom, count($r->tokens));
        }
        if ($r->ingredient !== null && $r->words->isBehind) {
            $r->before = $this->ofThisFood($r->before, $r->ingredient);
            $r->after = $this->ofThisFood($r->after, $r->ingredient);
        }
    }

    /**
     * Words that Spanish uses for two things: eggs are beaten and cream is whipped; at room temperature fat is soft, milk is not.
     *
     * @param  list<string>  $handlings
     * @return list<string>
     */
    private function ofThisFood(array $handlings, Ingredient $food): array
    {
        $isFluid = $food->family->isPoured() || $food->role === Role::Egg;
        $told = $food->role === Role::Egg ? $handlings : str_replace('beaten', 'whipped', $handlings);

        return array_values($isFluid ? array_diff($told, ['softened']) : $told);
    }

    private function between(Reading $r, int $from, int $end): void
    {
        // Where adjectives stand behind their noun, they say what is measured until a pause.
        $isNear = $r->words->isBehind && ! $r->isCounted();
        $already = false;
        for ($i = $from; $i < $end; $i++) {
            $word = $r->word($i);
            $isWord = $word !== '' && $r->tokens[$i]->isWord();
            $held = $r->tokens[$i]->text === '(' ? $this->packages->inBrackets($r, $i) : null;
            if ($held !== null) {
                // '1 can condensed milk (397 g)'; of what has a size it says the amount again.
                match (true) {
                    $r->isOfNoSize() => $r->package = $held[0],
                    $r->amounts === [] => $r->amounts[] = $held[0], // 'flour (250 g)'
                    default => $r->also[] = $held[0],
                };
                $i = $held[1] - 1;
                $isNear = false;
            } elseif (! $isWord && $r->tokens[$i]->means === null) {
                $isNear = false;
                $r->mark(in_array($r->tokens[$i]->text, self::SIGNS, true) ? Part::Filler : Part::Unread, $i, 1);
            } elseif (in_array($word, $r->words->not, true)) {
                // 'not instant', 'no pulp': what it is not, up to the next pause.
                for (; $i < $end && ! in_array($r->word($i), [',', ';', ')'], true); $i++) {
                    $r->mark(Part::Note, $i, 1);
                }
                $i--;
            } elseif (in_array($word, $r->words->or, true)) {
                $this->alternative($r, $i, $end);
            } elseif ($r->hears($i)) {
                continue;
            } elseif (($more = $this->more($r, $i, $end)) !== null) {
                $i = $more - 1;
            } elseif ($r->words->isHandling($word)) {
                $isFirst = ($already || $isNear) && ! $r->isStillToDo($i);
                $isFirst ? $r->before[] = $r->withAdverb($i, $word) : $r->after[] = $r->withAdverb($i, $word);
                $r->isNear = $r->isNear || $isFirst && ! $already;
                $r->mark(Part::Handling, $i, 1);
            } elseif (in_array($word, $r->words->already, true) && $r->words->isBehind) {
                $already = true;
                $r->mark(Part::Note, $i, 1);
            } elseif ($r->words->isRemark($word) || $r->words->isPlain($word)) {
                $isOfHandling = in_array($word, $r->words->how, true) && $r->words->isHandling($r->word($i + 1));
                $r->mark($isOfHandling ? Part::Handling : Part::Note, $i, 1);
            }
        }
        $this->numbersInside($r, $from, $end);
    }

    /** 'sugar, plus 2 tbsp' is more of it; 'plus 2 tbsp for the pan' is held back. Where it ends; null where none stands here. */
    private function more(Reading $r, int $at, int $end): ?int
    {
        $read = in_array($r->word($at), $r->words->plus, true) && $r->amounts !== [] ? $this->amount->at($r, $at + 1) : null;
        if ($read === null || $read[0]->unit === null) {
            return null;
        }
        if ($read[1] >= $end) {
            $r->mark(Part::Amount, $at, 1);
            $r->amounts[] = $read[0];
        } else {
            $r->mark(Part::Note, $at, $read[1] - $at);
            $r->flag(Flag::HeldBack);
        }

        return $read[1];
    }

    /** A number inside a remark that is itself understood belongs to it: 'cut into 2 cm cubes'. */
    private function numbersInside(Reading $r, int $from, int $end): void
    {
        for ($i = $from + 1; $i + 1 < $end; $i++) {
            $token = $r->tokens[$i];
            if ($token->isNumber() && $token->part === Part::Unread && $r->tokens[$i - 1]->part !== Part::Unread) {
                $r->mark(Part::Note, $i, 1);
                if (in_array($r->word($i + 1), $r->words->lengths, true)) {
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
}

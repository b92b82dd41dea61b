<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\NameFinder;
use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\Reading;

/** What stands behind the name: handling that comes after the measuring, and remarks. */
final readonly class Remarks implements PartReader
{
    private const SIGNS = [',', '(', ')', ';', '.', '-', '–', '—', '/', '[', ']', '*', '', '°'];

    public function __construct(private NameFinder $names)
    {
    }

    public function read(Reading $r): void
    {
        $end = $r->nameEnds ?? count($r->tokens);
        for ($i = $r->behindName; $i < $end; $i++) {
            $word = $r->word($i);
            if ($word === '' || ! $r->tokens[$i]->isWord()) {
                $r->mark(in_array($r->tokens[$i]->text, self::SIGNS, true) ? Part::Filler : Part::Unread, $i, 1);
            } elseif (in_array($word, $r->words->or, true)) {
                $this->alternative($r, $i, $end);
            } elseif ($r->saidAny($i, $r->words->more)) {
                $r->flag(Flag::HeldBack);
                $r->mark(Part::Note, $i, 1);
            } elseif ($r->saidAny($i, $r->words->toTaste)) {
                $r->flag(Flag::ToTaste);
                $r->mark(Part::Note, $i, 1);
            } elseif ($r->words->isHandling($word)) {
                $r->after[] = $r->withAdverb($i, $word);
                $r->mark(Part::Handling, $i, 1);
            } elseif (in_array($word, [...$r->words->divided, ...$r->words->optional], true)) {
                $r->flag(in_array($word, $r->words->divided, true) ? Flag::Divided : Flag::Optional);
                $r->mark(Part::Note, $i, 1);
            } elseif ($r->words->isRemark($word) || $r->words->isPlain($word)) {
                $isOfHandling = in_array($word, $r->words->how, true) && $r->words->isHandling($r->word($i + 1));
                $r->mark($isOfHandling ? Part::Handling : Part::Note, $i, 1);
            }
        }
        $this->numbersInside($r, $end);
    }

    /** A number inside a remark that is itself understood belongs to it: 'cut into 2 cm cubes'. */
    private function numbersInside(Reading $r, int $end): void
    {
        for ($i = $r->behindName + 1; $i + 1 < $end; $i++) {
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

<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\Reading;
use Hovik\Core\Recipe\Token;

/** An amount behind the name, where none stands before it. */
final readonly class AmountAtEnd implements PartReader
{
    public function __construct(private AmountPhrase $amount, private Numbers $numbers)
    {
    }

    private const BEFORE = [',', ':', '-', '–', '—', '…', '.', '=', '|'];

    /** "Flour: 250 g", "Butter, 2 sticks": the amount at the end of the line. */
    public function read(Reading $r): void
    {
        if ($r->amounts !== [] || $r->package !== null) {
            return;
        }
        for ($at = $r->at + 1, $count = count($r->tokens); $at < $count; $at++) {
            $isMarked = in_array($r->tokens[$at - 1]->text, self::BEFORE, true);
            // Without a sign before it only figures with a unit are one: 'butter 100 g'.
            if ($this->numbers->at($r, $at) === null || ! $isMarked && preg_match('~^\pN~u', $r->tokens[$at]->text) !== 1) {
                continue;
            }
            $parts = array_map(static fn (Token $t): Part => $t->part, $r->tokens);
            $read = $this->amount->at($r, $at);
            $rest = $read === null
                    ? ''
                    : implode('', array_map(static fn (Token $t): string => $t->text, array_slice($r->tokens, $read[1])));
            $goesOn = $isMarked && $read !== null && in_array($r->word($read[1]), [',', '(', ';'], true);
            if ($read !== null && ($goesOn || trim($rest, '. ') === '') && ($isMarked || $read[0]->unit !== null)) {
                $r->remarksFrom = $goesOn ? $read[1] : null;
                $r->amounts[] = $read[0];
                $name = $at;
                while ($isMarked && $name > $r->at + 1 && in_array($r->tokens[$name - 1]->text, self::BEFORE, true)) {
                    $r->mark(Part::Filler, --$name, 1);
                }
                $r->nameEnds = $name;

                return;
            }
            foreach ($parts as $i => $part) {
                $r->tokens[$i]->part = $part;
            }
        }
    }
}

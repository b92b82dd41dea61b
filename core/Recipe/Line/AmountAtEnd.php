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

    private const BEFORE = [',', ':', '-', '–', '—', '…'];

    /** "Flour: 250 g", "Butter, 2 sticks": the amount at the end of the line. */
    public function read(Reading $r): void
    {
        if ($r->amounts !== [] || $r->package !== null) {
            return;
        }
        for ($at = $r->at + 1, $count = count($r->tokens); $at < $count; $at++) {
            if (! in_array($r->word($at - 1), self::BEFORE, true) || $this->numbers->at($r, $at) === null) {
                continue;
            }
            $read = $this->amount->at($r, $at);
            $rest = $read === null
                    ? ''
                    : implode('', array_map(static fn (Token $t): string => $t->text, array_slice($r->tokens, $read[1])));
            if ($read !== null && trim($rest, '. ') === '') {
                $r->amounts[] = $read[0];
                $r->mark(Part::Filler, $at - 1, 1);
                $r->nameEnds = $at - 1;

                return;
            }
        }
    }
}

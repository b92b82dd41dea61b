<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\Reading;

/** What numbers or marks an item of a list: skipped. */
final class ListMark implements PartReader
{
    private const SIGNS = [
        '-', '–', '—', '*', '•', '·', '◦', '▪', '○', '[', ']', '☐', '▢', '□', '☑', '◻', '◽', '●', '►', '‣', '✓', '✔', '+', '#', '>', '_',
        '~',
    ];

    public function read(Reading $r): void
    {
        $at = 0;
        // "1." and "2)" number a list; "1 1/2" does not.
        if (
            isset($r->tokens[1])
                && preg_match('~^\d{1,2}$~', $r->tokens[0]->text) === 1
                && in_array($r->tokens[1]->text, ['.', ')'], true)
                && $r->tokens[1]->space === ''
        ) {
            $at = 2;
        }
        while (isset($r->tokens[$at]) && in_array($r->tokens[$at]->text, self::SIGNS, true)) {
            $at++;
        }
        $r->mark(Part::Filler, 0, $at);

        $r->at = $at;
    }
}

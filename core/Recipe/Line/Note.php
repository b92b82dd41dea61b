<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Recipe\Reading;

/** 'Note: ...', 'Tip: ...': something to read, and nothing to measure. */
final readonly class Note implements PartReader
{
    private const BEGINNINGS = '~^\W*(?:notes?|tips?|hint|equipment|special equipment|tools'
        .'|nota|notas|consejos?|trucos?|utensilios|equipo|materiales)\b\s*(?:[:.–-]|$)~iu';

    public function read(Reading $r): void
    {
        $r->isNote = preg_match(self::BEGINNINGS, $r->text) === 1;
    }
}

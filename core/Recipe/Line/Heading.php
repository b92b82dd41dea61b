<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Recipe\Reading;

/** 'For the dough:' and the like: no ingredient, and nothing behind it is read. */
final readonly class Heading implements PartReader
{
    public function __construct(private Numbers $numbers)
    {
    }

    public function read(Reading $r): void
    {
        $plain = trim($r->text, " \t*_#");
        $starts = implode('|', $r->words->headings);
        $bare = mb_strtolower(trim((string) preg_replace("~^(?:$starts)~iu", '', $plain), ' :'));
        $r->isSureHeading = in_array($bare, $r->words->headingWords, true) || preg_match(
            "~^(?:$starts)[\\p{L} ]{3,40}:?$~ui", $plain,
        ) === 1;
        $looks = $r->isSureHeading || preg_match('~^[^\d:]{2,60}:$~u', $plain) === 1
            || preg_match('~^\s*(#{1,6}\s|\*\*[^*]+\*\*\s*$)~u', $r->text) === 1;
        if ($looks && $this->numbers->at($r, $r->at) === null) {
            $r->heading = trim((string) preg_replace("~^(?:$starts)~iu", '', trim($r->text, " \t*_#:")));
        }
    }
}

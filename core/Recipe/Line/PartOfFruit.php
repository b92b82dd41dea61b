<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\Reading;

/** 'Juice of 1 lemon', 'zest and juice of 2 oranges': so many fruits, and no amount of juice that anybody could check. */
final readonly class PartOfFruit implements PartReader
{
    private const DONE = ['juice' => 'squeezed', 'zest' => 'zested', 'rind' => 'zested'];

    public function __construct(private Numbers $numbers)
    {
    }

    public function read(Reading $r): void
    {
        $done = [];
        $at = $r->at;
        while (isset(self::DONE[$r->word($at)]) || $this->joins($r, $at)) {
            $done[] = self::DONE[$r->word($at)] ?? '';
            $at++;
        }
        if (array_filter($done) === [] || $this->numbers->at($r, $at) === null) {
            return;
        }
        $r->mark(Part::Handling, $r->at, $at - $r->at);
        $r->flag(Flag::NotCheckable);
        $r->after = array_values(array_filter($done));
        $r->at = $at;
    }

    private function joins(Reading $r, int $at): bool
    {
        return in_array($r->word($at), [...$r->words->of, ...$r->words->plus, 'the', 'grated', 'finely'], true);
    }
}

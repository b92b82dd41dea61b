<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Brick\Math\BigRational;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\Reading;

/** '65 % water', 'Flour 100 %': a share of the flour's weight, where no amount is given. */
final readonly class BakersPercent implements PartReader
{
    public function read(Reading $r): void
    {
        $last = count($r->tokens) - 1;
        if ($r->amounts !== [] || $r->percent !== null) {
            return;
        }
        if ($r->ingredient === null) {
            // Before the name is looked for only what ends the line is one: '2% milk' is a milk.
            if ($r->word($last) === '%' && $last > 1) {
                $this->at($r, $last - 1);
                $name = $last - 1;
                while ($r->percent !== null && in_array($r->word($name - 1), [':', ',', '-', '–', '—', '.', '='], true)) {
                    $r->mark(Part::Filler, --$name, 1);
                }
                $r->nameEnds = $r->percent === null ? null : $name;
            }

            return;
        }
        foreach ($r->tokens as $at => $token) {
            if ($r->word($at + 1) === '%' && $token->part !== Part::Ingredient) {
                $this->at($r, $at);
            }
        }
    }

    private function at(Reading $r, int $at): void
    {
        $figures = $r->tokens[$at]->text;
        if (preg_match('~^\d{1,3}(?:[.,]\d{1,2})?$~', $figures) === 1) {
            $r->percent = BigRational::of(str_replace(',', '.', $figures));
            $r->flag(Flag::BakersPercent);
            $r->mark(Part::Amount, $at, 2);
        }
    }
}

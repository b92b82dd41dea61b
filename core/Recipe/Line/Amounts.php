<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\ReadAmount;
use Hovik\Core\Recipe\Reading;
use Hovik\Core\Recipe\UnitWords;

/** Amounts before the name: one, or several that are added up. */
final readonly class Amounts implements PartReader
{
    public function __construct(
        private AmountPhrase $amount, private Numbers $numbers, private Packages $packages, private UnitWords $units,
    ) {
    }

    public function read(Reading $r): void
    {
        $at = $this->amount->size($r, $this->approximately($r, $r->at));
        $isMinus = false;
        while (($read = $this->amount->at($r, $at)) !== null) {
            [$amount, $next] = $read;
            $r->amounts[] = $isMinus ? new ReadAmount($amount->min->negated(), null, $amount->unit) : $amount;
            $at = $this->otherwiseSaid($r, $next);
            $isMinus = in_array($r->word($at), $r->words->minus, true);
            if ($this->isSmallerOf($r, $amount, $at)) {
                continue;
            }
            if (! $isMinus && ! in_array($r->word($at), $r->words->plus, true) || $this->numbers->at($r, $at + 1) === null) {
                break;
            }
            $r->mark(Part::Amount, $at, 1);
            $at++;
        }

        $r->at = $at;
    }

    /** '1 lb 4 oz': the next amount is in a smaller unit of the same kind. */
    private function isSmallerOf(Reading $r, ReadAmount $amount, int $at): bool
    {
        $number = $amount->max === null ? $this->numbers->at($r, $at) : null;
        $unit = $number === null ? null : $this->units->at($r, $number[1]);
        if ($unit === null || $amount->unit === null || $unit[0]->dimension() !== $amount->unit->dimension()) {
            return false;
        }
        $isSized = in_array($unit[0]->dimension(), [Dimension::Mass, Dimension::Volume], true);
        $us = MeasureStandard::UsCustomary;

        return $isSized && $us->size($unit[0])->isLessThan($us->size($amount->unit));
    }

    private function approximately(Reading $r, int $at): int
    {
        foreach ($r->words->atLeast as $saying) {
            if ($r->saidAny($at, [$saying])) {
                $r->flag(Flag::Approximate);
                $length = substr_count($saying, ' ') + 1;
                $r->mark(Part::Note, $at, $length);
                $at += $length;
            }
        }
        if (in_array($r->word($at), $r->words->approximately, true)) {
            $r->flag(Flag::Approximate);
            $r->mark(Part::Note, $at, 1);
            $at++;
        }

        return $at;
    }

    /** "(125 g)" or "/ 125 g" behind an amount says it again. */
    private function otherwiseSaid(Reading $r, int $at): int
    {
        if ($r->word($at) === '(') {
            $inside = $this->packages->inBrackets($r, $at);
            if ($inside !== null) {
                $r->mark(Part::Amount, $at, $inside[1] - $at);
                $r->also[] = $inside[0];
                $at = $inside[1];
            }
        }
        $number = in_array($r->word($at), ['/', '|'], true) ? $this->numbers->at($r, $at + 1) : null;
        $unit = $number === null ? null : $this->units->at($r, $number[1]);
        if ($number !== null && $unit !== null) {
            $end = $number[1] + $unit[1];
            $r->mark(Part::Amount, $at, $end - $at);
            $r->also[] = new ReadAmount($number[0], null, $unit[0]);
            $at = $end;
        }
        if (in_array($r->word($at), $r->words->of, true)) {
            $r->mark(Part::Filler, $at, 1);
            $at++;
        }

        return $at;
    }
}

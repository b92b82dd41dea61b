<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\ReadAmount;
use Hovik\Core\Recipe\Reading;
use Hovik\Core\Recipe\UnitWords;

/** What a can or a packet holds. */
final readonly class Packages
{
    public function __construct(private UnitWords $units, private Numbers $numbers)
    {
    }

    /**
     * "1 (400 g) can", "2 x 400 g cans", "1 14-ounce can", behind the number.
     *
     * @return array{Unit, int}|null
     */
    public function at(Reading $r, int $at): ?array
    {
        $from = $at;
        $package = null;
        if ($r->word($at) === '(') {
            $inside = $this->inBrackets($r, $at);
            if ($inside === null) {
                return null;
            }
            [$package, $at] = $inside;
        } else {
            $times = in_array($r->word($at), $r->words->times, true);
            $number = $this->numbers->at($r, $times ? $at + 1 : $at);
            if ($number === null) {
                return null;
            }
            [$size, $at] = $number;
            if ($r->word($at) === '-') {
                $at++;
            }
            $unit = $this->units->at($r, $at);
            if ($unit === null) {
                return null;
            }
            $at += $unit[1];
            $package = new ReadAmount($size, null, $unit[0]);
        }
        $container = $this->units->containerAt($r, $at);
        if ($container === null) {
            return null;
        }
        $r->package = $package;
        $r->mark(Part::Package, $from, $at - $from);
        $r->mark(Part::Amount, $at, 1);
        $at++;
        if (in_array($r->word($at), $r->words->of, true)) {
            $r->mark(Part::Filler, $at, 1);
            $at++;
        }

        return [$container, $at];
    }

    /** 'a can of 400 g of pumpkin': what it holds, behind its 'of'; where the name begins. */
    public function behind(Reading $r, int $at): int
    {
        $number = $r->package === null ? $this->numbers->at($r, $at) : null;
        $unit = $number === null ? null : $this->units->at($r, $number[1]);
        $end = $number === null || $unit === null ? $at : $number[1] + $unit[1];
        if ($number === null || $unit === null || ! in_array($r->word($end), $r->words->of, true)) {
            return $at;
        }
        $r->package = new ReadAmount($number[0], null, $unit[0]);
        $r->mark(Part::Package, $at, $end - $at);
        $r->mark(Part::Filler, $end, 1);

        return $end + 1;
    }

    /** @return array{ReadAmount, int}|null "(400 g)" */
    public function inBrackets(Reading $r, int $at): ?array
    {
        $inner = $at + 1;
        if (in_array($r->word($inner), [...$r->words->approximately, ...$r->words->or], true)) {
            $inner++;
        }
        $number = $this->numbers->at($r, $inner);
        $gap = $number !== null && $r->word($number[1]) === '-' ? 1 : 0;
        $unit = $number === null ? null : $this->units->at($r, $number[1] + $gap);
        if ($number === null || $unit === null) {
            return null;
        }
        $end = $number[1] + $gap + $unit[1];
        while ($r->word($end) !== ')' && $this->saysItAgain($r, $end)) {
            $end++;
        }
        if ($r->word($end) !== ')') {
            return null;
        }
        $r->mark(Part::Package, $at, $end + 1 - $at);

        return [new ReadAmount($number[0], null, $unit[0]), $end + 1];
    }

    /** "(400 g / 14 oz each)" */
    private function saysItAgain(Reading $r, int $at): bool
    {
        return isset($r->tokens[$at]) && (in_array($r->word($at), ['/', ...$r->words->each], true)
            || $r->tokens[$at]->isNumber() || $this->units->at($r, $at) !== null);
    }
}

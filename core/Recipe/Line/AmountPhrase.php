<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Brick\Math\BigRational;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\ReadAmount;
use Hovik\Core\Recipe\Reading;
use Hovik\Core\Recipe\UnitWords;

/** One amount: number or range, how full, unit. */
final readonly class AmountPhrase
{
    public function __construct(private UnitWords $units, private Numbers $numbers, private Packages $packages)
    {
    }

    /** @return array{ReadAmount, int}|null the amount and where it ends; null when there is none here */
    public function at(Reading $r, int $at): ?array
    {
        $number = $this->numbers->at($r, $at);
        if ($number === null && $r->amounts === [] && $this->isOneUnsaid($r, $at)) {
            $number = [BigRational::one(), $at];
        }
        if ($number === null) {
            return null;
        }
        [$min, $next] = $number;
        $max = null;
        if (in_array($r->word($next), $r->words->to, true)) {
            $second = $this->numbers->at($r, $next + 1);
            if ($second !== null && $second[0]->isGreaterThan($min)) {
                [$max, $next] = $second;
                $r->flag(Flag::Range);
            }
        }
        $r->mark(Part::Amount, $at, $next - $at);
        $packaged = $this->packages->at($r, $next);
        if ($packaged !== null) {
            [$unit, $next] = $packaged;

            return [new ReadAmount($min, $max, $unit), $next];
        }
        $next = $this->size($r, $next);
        $container = $this->units->containerAt($r, $next);
        $unit = $this->units->at($r, $next) ?? ($container === null ? null : [$container, 1]);
        if ($unit === null) {
            return [new ReadAmount($min, $max, null), $next];
        }
        [$which, $length] = $unit;
        $r->mark(Part::Amount, $next, $length);
        if (in_array($r->tokens[$next]->text, ['T', 'T.', 't', 't.'], true)) {
            $r->saysT = true;
        }
        $next += $length;
        if ($which->dimension() === Dimension::Ambiguous && $r->word($next) === '(') {
            $inside = $this->packages->inBrackets($r, $next);
            if ($inside !== null) {
                [$r->package, $next] = $inside;
            }
        }
        if (in_array($r->word($next), $r->words->of, true)) {
            $r->mark(Part::Filler, $next, 1);
            $next++;
        }

        return [new ReadAmount($min, $max, $which), $next];
    }

    public function size(Reading $r, int $at): int
    {
        $word = $r->word($at);
        if (isset($r->words->sizes[$word]) && $r->size === null) {
            $r->size = $r->words->sizes[$word];
            $r->mark(Part::Size, $at, 1);
            $at++;
        }

        return $at;
    }

    /** 'heaping tsp cocoa', 'pinch of salt': one of it. */
    private function isOneUnsaid(Reading $r, int $at): bool
    {
        $unit = $this->units->at($r, $at)[0] ?? null;

        return $unit !== null && ($r->size !== null || in_array($unit, OpenQuestions::UNCHECKABLE, true)) && ! $r->tokens[$at]->isNumber();
    }
}

<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Brick\Math\BigRational;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\ReadAmount;
use Hovik\Core\Recipe\Reading;
use Hovik\Core\Recipe\UnitWords;

/** One amount: number or range, how full, unit. */
final readonly class AmountPhrase
{
    /** Units that come in thirds: two figures behind the sign are how a screen writes them. */
    private const IN_THIRDS = [Unit::Cup, Unit::Tablespoon, Unit::Teaspoon];

    public function __construct(private UnitWords $units, private Numbers $numbers, private Packages $packages)
    {
    }

    /** @return array{ReadAmount, int}|null the amount and where it ends; null when there is none here */
    public function at(Reading $r, int $at): ?array
    {
        $from = $at;
        $isBetween = in_array($r->word($at), $r->words->between, true);
        // 'de 2 a 3 tazas', 'between 2 and 3 cups'
        $at += $isBetween || in_array($r->word($at), $r->words->of, true) && $this->numbers->at($r, $at + 1) !== null ? 1 : 0;
        $number = $this->numbers->at($r, $at);
        if ($number === null && $r->amounts === [] && $this->isOneUnsaid($r, $at)) {
            $number = [BigRational::one(), $at];
        }
        if ($number === null) {
            return null;
        }
        $r->mark(Part::Filler, $from, $at - $from);
        [$min, $next] = $number;
        $max = null;
        if (in_array($r->word($next), $isBetween ? $r->words->plus : $r->words->to, true)) {
            $second = $this->numbers->at($r, $next + 1);
            if ($second !== null && $second[0]->isGreaterThan($min)) {
                [$max, $next] = $second;
                $r->flag(Flag::Range);
            }
        }
        $r->mark(Part::Amount, $at, $next - $at);
        $next = $this->adjective($r, $next);
        $packaged = $this->packages->at($r, $next);
        if ($packaged !== null) {
            [$unit, $next] = $packaged;

            return [new ReadAmount($min, $max, $unit), $next];
        }
        $next = $this->size($r, $next);
        if (in_array($r->word($next), $r->words->of, true) && $this->measures($r, $next + 1)) {
            $r->mark(Part::Filler, $next, 1); // 'three quarters of a cup', 'tres cuartos de taza'
            $next = $this->size($r, $next + 1);
        }
        $container = $this->units->containerAt($r, $next);
        $unit = $this->units->at($r, $next) ?? ($container === null ? null : [$container, 1]);
        $alike = $unit === null ? $this->misspelt($r, $next) : null;
        if ($alike !== null) {
            $r->flag(Flag::UnitSpelling);
            $unit = [$alike, 1];
        }
        if ($unit === null) {
            return [new ReadAmount($min, $max, null), $this->thing($r, $next)];
        }
        [$which, $length] = $unit;
        $r->mark(Part::Amount, $next, $length);
        [$min, $max] = $this->asMeant($r, $at, $which, $min, $max);
        if (in_array($r->tokens[$next]->text, ['T', 'T.', 't', 't.'], true)) {
            $r->saysT = true;
        }
        $next += $length;
        [$min, $next] = $this->andAHalf($r, $min, $next);
        $next = $this->size($r, $next);
        if ($which->dimension() === Dimension::Ambiguous && $r->word($next) === '(') {
            $inside = $this->packages->inBrackets($r, $next);
            if ($inside !== null) {
                [$r->package, $next] = $inside;
            }
        }
        if (in_array($r->word($next), $r->words->of, true)) {
            $r->mark(Part::Filler, $next, 1);
            $next = $which->dimension() === Dimension::Ambiguous ? $this->packages->behind($r, $next + 1) : $next + 1;
        }

        return [new ReadAmount($min, $max, $which), $next];
    }

    /** '1 large can', '2 small (200 g) packets': how large it is, no part of the amount. */
    private function adjective(Reading $r, int $at): int
    {
        $isOfContainer = $r->words->isPlain($r->word($at))
            && ($this->units->containerAt($r, $at + 1) !== null || $r->word($at + 1) === '(');
        if ($isOfContainer) {
            $r->mark(Part::Note, $at, 1);
        }

        return $isOfContainer ? $at + 1 : $at;
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

    /** 'heaping tsp cocoa', 'pinch of salt', 'taza y media': one of it. */
    private function isOneUnsaid(Reading $r, int $at): bool
    {
        $unit = $this->units->at($r, $at);
        if ($unit === null || $r->tokens[$at]->isNumber()) {
            return $unit === null && ($this->units->measureAt($r, $at) !== null) && in_array($r->word($at + 1), $r->words->of, true);
        }
        $behind = $r->word($at + $unit[1]);

        return $r->size !== null || in_array($unit[0], OpenQuestions::UNCHECKABLE, true) || isset($r->words->sizes[$behind])
            || in_array($behind, $r->words->of, true) || $this->andAHalf($r, BigRational::one(), $at + $unit[1])[1] > $at + $unit[1];
    }

    /** Only where the word is no food, no adjective and no handling: '3 mugs', '2 large' are none. */
    private function misspelt(Reading $r, int $at): ?Unit
    {
        $word = $r->word($at);
        $isAnother = $r->words->isPlain($word) || $r->words->isHandling($word) || $this->units->measureAt($r, $at) !== null
            || ! isset($r->tokens[$at + 1]) || ! $r->tokens[$at]->isWord() || $this->numbers->isFood($r, $at);

        return $isAnother ? null : $this->units->alike($r, $at);
    }

    private function measures(Reading $r, int $at): bool
    {
        return $this->units->at($r, $at) !== null || $this->units->measureAt($r, $at) !== null;
    }

    /** A glass, a splash: it has no size, or several. */
    private function thing(Reading $r, int $at): int
    {
        $thing = $this->units->measureAt($r, $at);
        if ($thing === null) {
            return $at;
        }
        $r->measure = $thing;
        $r->mark(Part::Amount, $at, 1);
        $at = $this->size($r, $at + 1);
        if (in_array($r->word($at), $r->words->of, true)) {
            $r->mark(Part::Filler, $at, 1);
            $at++;
        }

        return $at;
    }

    /**
     * 'a cup and a half of milk'
     *
     * @return array{BigRational, int}
     */
    private function andAHalf(Reading $r, BigRational $number, int $at): array
    {
        $rest = in_array($r->word($at), $r->words->plus, true) ? $this->numbers->fraction($r, $at + 1) : null;
        if ($rest === null || $this->units->at($r, $rest[1]) !== null) {
            return [$number, $at];
        }
        $r->mark(Part::Amount, $at, $rest[1] - $at);

        return [$number->plus($rest[0]), $rest[1]];
    }

    /**
     * '0.33 cup' is a third. '1.500 g' are a thousand and a half, '1,250 kg' are one and a quarter: three figures
     * behind a sign mean what its unit makes likely.
     *
     * @return array{BigRational, BigRational|null}
     */
    private function asMeant(Reading $r, int $at, Unit $unit, BigRational $min, ?BigRational $max): array
    {
        $written = $r->tokens[$at]->text ?? '';
        if (preg_match('~^\d*[.,](33|333|66|67|667)$~', $written, $m) === 1 && in_array($unit, self::IN_THIRDS, true)) {
            $thirds = str_starts_with($m[1], '3') ? 1 : 2;

            return [BigRational::of((int) $written)->plus(BigRational::of("$thirds/3"))->simplified(), $max];
        }
        if ($max !== null || preg_match('~^\d{1,3}[.,]\d{3}$~', $written) !== 1) {
            return [$min, $max];
        }
        $isSmall = in_array($unit, [Unit::Gram, Unit::Milligram, Unit::Millilitre], true);
        if (! $isSmall || ! str_ends_with($written, '000')) {
            $r->flag(Flag::AmbiguousNumber);
        }
        $digits = BigRational::of((string) preg_replace('~[.,]~', '', $written));

        return [$isSmall ? $digits : $digits->dividedBy(1000)->simplified(), null];
    }
}

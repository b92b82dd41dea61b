<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/**
 * A linear mixed model: a mean for each kind, which is fixed, and random effects of several crossed factors. Variances by restricted
 * maximum likelihood (REML), profiled over the factors' standard deviations relative to the error's (θ); effects as best linear
 * unbiased predictions, shrunk by how little is known of each.
 *
 * With Λ = diag(θ), L L' = Λ Z'Z Λ + I and Rx'Rx = X'X less what Z explains of it, the deviance is
 * 2 ln|L| + 2 ln|Rx| + (n - p) (1 + ln(2π r² / (n - p))), r² the penalized sum of squares.
 */
final class MixedModel
{
    /** Beyond so many times the error's a standard deviation is as good as endless. */
    private const MOST_THETA = 1e3;

    /** A deviance so much higher is as good as impossible: less than one in fifty. */
    private const UNLIKELY = 8.0;

    /** Places at which a standard deviation is tried. */
    private const GRID = 15;

    private readonly int $n;

    private readonly int $kinds;

    private readonly int $q;

    /** Levels of the first factor. */
    private readonly int $corner;

    /** @var list<int> factor of each effect */
    private readonly array $factorOf;

    /** @var list<int> level of each effect */
    private readonly array $levelOf;

    /** @var array<int, array<int, float>> Z'Z by row, to its diagonal */
    private array $zz = [];

    /** @var array<int, array<int, float>> Z'X by kind */
    private array $zx;

    /** @var array<int, float> */
    private array $zy;

    /** @var array<int, float> weighings of a kind */
    private array $xx;

    /** @var array<int, float> */
    private array $xy;

    private float $yy = 0.0;

    /**
     * @param  list<float>  $y  one or more
     * @param  list<int>  $kind  from 0, of each
     * @param  non-empty-list<list<int>>  $factors  for each factor the level of each, from 0; the one of most levels first is fastest
     */
    public function __construct(array $y, array $kind, array $factors)
    {
        $this->n = count($y);
        $this->kinds = 1 + max([0, ...$kind]);
        $starts = $factorOf = $levelOf = [];
        foreach ($factors as $factor => $levels) {
            $starts[] = count($factorOf);
            $last = max([0, ...$levels]);
            array_push($factorOf, ...array_fill(0, 1 + $last, $factor));
            array_push($levelOf, ...range(0, $last));
        }
        [$this->factorOf, $this->levelOf, $this->q] = [$factorOf, $levelOf, count($factorOf)];
        $this->corner = 1 + max([0, ...$factors[0]]);
        $this->xx = $this->xy = array_fill(0, $this->kinds, 0.0);
        $this->zy = array_fill(0, $this->q, 0.0);
        $this->zx = array_fill(0, $this->kinds, $this->zy);
        foreach ($y as $i => $value) {
            $this->xx[$kind[$i]]++;
            $this->xy[$kind[$i]] += $value;
            $this->yy += $value * $value;
            $at = array_map(static fn (array $levels, int $start): int => $start + $levels[$i], $factors, $starts);
            foreach ($at as $a => $column) {
                $this->zy[$column] += $value;
                $this->zx[$kind[$i]][$column]++;
                foreach (array_slice($at, $a) as $row) {
                    $this->zz[$row][$column] = 1 + ($this->zz[$row][$column] ?? 0.0);
                }
            }
        }
    }

    /** The variances under which these values are likeliest, and all that follows from them. */
    public function fit(): MixedFit
    {
        $factors = array_fill(0, 1 + max([0, ...$this->factorOf]), 0.5);
        $best = Simplex::least($this->deviance(...), $factors, 0.5, self::MOST_THETA);
        $best = Simplex::least($this->deviance(...), $best, 0.1, self::MOST_THETA); // once more from there: it may have fallen flat
        foreach (array_keys($best) as $k) { // a variance of nothing at all is never quite reached by steps
            $none = self::with($best, $k, 0.0);
            if ($this->deviance($none) <= $this->deviance($best) + 1e-9) {
                $best = $none;
            }
        }

        return $this->at($best);
    }

    /**
     * All that follows from standard deviations that are given.
     *
     * @param  array<int, float>  $theta  of each factor, over the error's
     */
    public function at(array $theta): MixedFit
    {
        [$l, $zx, $zy, $rx, $xy] = $this->factored($theta);
        $means = $rx->backward($xy);
        $u = $zy;
        foreach ($means as $x => $mean) {
            $u = array_map(static fn (float $one, float $of): float => $one - $mean * $of, $u, $zx[$x]);
        }
        $u = $l->backward($u);
        $variance = max(0.0, $this->rest($zy, $xy)) / ($this->n - $this->kinds);
        // How far each mean's own doubt goes into an effect.
        $into = array_map($l->backward(...), $zx);
        $effects = $errors = [];
        foreach ($l->inverseDiagonal() as $row => $own) {
            $mean = $rx->forward(array_map(static fn (array $of): float => $of[$row], $into));
            $own += array_sum(array_map(static fn (float $one): float => $one * $one, $mean));
            [$factor, $level] = [$this->factorOf[$row], $this->levelOf[$row]];
            $effects[$factor][$level] = $theta[$factor] * $u[$row];
            $errors[$factor][$level] = $theta[$factor] * sqrt($variance * $own);
        }

        return new MixedFit(
            $theta, $this->devianceOf($l, $rx, $zy, $xy), $variance, $means,
            array_map(static fn (float $own): float => sqrt($variance * $own), $rx->inverseDiagonal()), $effects, $errors,
        );
    }

    /**
     * Standard errors of the effects that the variances' own doubt is added to: each factor's standard deviation is moved as far as the
     * values allow, and what becomes of the effects is weighed by how likely it is.
     *
     * @return array<int, array<int, float>> by factor and level
     */
    public function errorsWithDoubt(MixedFit $fit): array
    {
        $squares = array_map(static fn (array $of): array => array_map(static fn (float $one): float => $one * $one, $of), $fit->errors);
        foreach (array_keys($fit->theta) as $k) {
            [$weights, $fits] = $this->along($fit, $k);
            $all = array_sum($weights);
            foreach ($fit->effects as $factor => $effects) {
                foreach ($effects as $level => $effect) {
                    $square = 0.0;
                    foreach ($fits as $i => $other) {
                        $off = $other->effects[$factor][$level] - $effect;
                        $square += $weights[$i] / $all * ($other->errors[$factor][$level] ** 2 + $off * $off);
                    }
                    $squares[$factor][$level] += max(0.0, $square - $fit->errors[$factor][$level] ** 2);
                }
            }
        }

        return array_map(static fn (array $of): array => array_map(sqrt(...), $of), $squares);
    }

    /** @param  array<int, float>  $theta */
    public function deviance(array $theta): float
    {
        [$l, , $zy, $rx, $xy] = $this->factored($theta);

        return $this->devianceOf($l, $rx, $zy, $xy);
    }

    /**
     * One factor's standard deviation on a grid about the likeliest, the others as they are.
     *
     * @return array{array<int, float>, list<MixedFit>} how likely each is, over the likeliest
     */
    private function along(MixedFit $fit, int $k): array
    {
        $rise = fn (float $theta): float => $this->deviance(self::with($fit->theta, $k, $theta)) - $fit->deviance;
        $top = max(0.1, 2 * $fit->theta[$k]);
        while ($rise($top) < self::UNLIKELY && $top < self::MOST_THETA) {
            $top *= 1.5;
        }
        $weights = $fits = [];
        for ($i = 0; $i < self::GRID; $i++) {
            $theta = $top * $i / (self::GRID - 1);
            $above = $rise($theta);
            if ($above < self::UNLIKELY) {
                $weights[] = exp(-$above / 2);
                $fits[] = $this->at(self::with($fit->theta, $k, $theta));
            }
        }

        return [$weights, $fits];
    }

    /**
     * @param  array<int, float>  $theta
     * @return array{Triangle, array<int, array<int, float>>, array<int, float>, Triangle, array<int, float>} L; L⁻¹ Λ Z'X by kind;
     *   L⁻¹ Λ Z'y; Rx'; Rx'⁻¹ of what is left of X'y
     */
    private function factored(array $theta): array
    {
        $of = array_map(static fn (int $factor): float => $theta[$factor], $this->factorOf);
        $a = [];
        foreach ($this->zz as $row => $columns) {
            foreach ($columns as $column => $count) {
                $a[$row][$column] = $of[$row] * $of[$column] * $count;
            }
        }
        $l = Triangle::rootOf($a, $this->q, $this->corner);
        $zy = $l->forward(self::times($this->zy, $of));
        $zx = array_map(static fn (array $column): array => $l->forward(self::times($column, $of)), $this->zx);
        $left = [];
        $right = [];
        foreach ($zx as $x => $own) {
            foreach (array_slice($zx, 0, $x + 1) as $other => $column) {
                $left[$x][$other] = ($x === $other ? $this->xx[$x] : 0.0) - self::product($own, $column);
            }
            $right[] = $this->xy[$x] - self::product($own, $zy);
        }
        $rx = Triangle::rootOf($left, $this->kinds, 0, 0.0);

        return [$l, $zx, $zy, $rx, $rx->forward($right)];
    }

    /**
     * @param  array<int, float>  $zy
     * @param  array<int, float>  $xy
     */
    private function devianceOf(Triangle $l, Triangle $rx, array $zy, array $xy): float
    {
        $df = $this->n - $this->kinds;

        return $l->logDeterminant() + $rx->logDeterminant() + $df * (1 + log(2 * M_PI * max(1e-300, $this->rest($zy, $xy)) / $df));
    }

    /**
     * Penalized sum of squares.
     *
     * @param  array<int, float>  $zy
     * @param  array<int, float>  $xy
     */
    private function rest(array $zy, array $xy): float
    {
        return $this->yy - self::product($zy, $zy) - self::product($xy, $xy);
    }

    /**
     * @param  array<int, float>  $a
     * @param  array<int, float>  $b
     * @return array<int, float>
     */
    private static function times(array $a, array $b): array
    {
        return array_map(static fn (float $one, float $other): float => $one * $other, $a, $b);
    }

    /**
     * @param  array<int, float>  $a
     * @param  array<int, float>  $b
     */
    private static function product(array $a, array $b): float
    {
        return array_sum(self::times($a, $b));
    }

    /**
     * @param  array<int, float>  $theta
     * @return array<int, float>
     */
    private static function with(array $theta, int $k, float $value): array
    {
        return array_map(static fn (int $at, float $one): float => $at === $k ? $value : $one, array_keys($theta), $theta);
    }
}

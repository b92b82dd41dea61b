<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/**
 * A lower triangular matrix by rows, of which only what is not 0 is kept: the root of a symmetric one (Cholesky), and what is solved by it.
 */
final readonly class Triangle
{
    /** @param  list<array<int, float>>  $rows  each to its diagonal */
    private function __construct(public array $rows)
    {
    }

    /**
     * L of L L' = a + 1.
     *
     * @param  array<int, array<int, float>>  $a  by row, to its diagonal
     * @param  int  $corner  so many of the first rows never meet each other: that corner is a diagonal, and fills nothing in
     */
    public static function rootOf(array $a, int $size, int $corner, float $plus = 1.0): self
    {
        $l = [];
        for ($row = 0; $row < $size; $row++) {
            $own = $a[$row] ?? [];
            $of = [];
            for ($column = $row < $corner ? $row : 0; $column < $row; $column++) {
                $value = $own[$column] ?? 0.0;
                $other = $l[$column];
                // The shorter row leads: what is not in both adds nothing.
                foreach (count($other) < count($of) ? $other : $of as $k => $one) {
                    if ($k < $column && isset($of[$k], $other[$k])) {
                        $value -= $of[$k] * $other[$k];
                    }
                }
                if ($value !== 0.0) {
                    $of[$column] = $value / $other[$column];
                }
            }
            $value = $plus + ($own[$row] ?? 0.0);
            foreach ($of as $one) {
                $value -= $one * $one;
            }
            $of[$row] = sqrt(max(1e-300, $value));
            $l[] = $of;
        }

        return new self($l);
    }

    public function size(): int
    {
        return count($this->rows);
    }

    /** Logarithm of the determinant of what it is the root of. */
    public function logDeterminant(): float
    {
        $sum = 0.0;
        foreach ($this->rows as $row => $columns) {
            $sum += 2 * log($columns[$row]);
        }

        return $sum;
    }

    /**
     * x of L x = right.
     *
     * @param  array<int, float>  $right
     * @return array<int, float>
     */
    public function forward(array $right): array
    {
        $x = [];
        foreach ($this->rows as $row => $columns) {
            $value = $right[$row];
            foreach ($columns as $column => $one) {
                if ($column !== $row) {
                    $value -= $one * $x[$column];
                }
            }
            $x[] = $value / $columns[$row];
        }

        return $x;
    }

    /**
     * x of L' x = right.
     *
     * @param  array<int, float>  $right
     * @return array<int, float>
     */
    public function backward(array $right): array
    {
        for ($row = count($this->rows) - 1; $row >= 0; $row--) {
            $right[$row] /= $this->rows[$row][$row];
            foreach ($this->rows[$row] as $column => $value) {
                if ($column !== $row) {
                    $right[$column] -= $value * $right[$row];
                }
            }
        }

        return array_values($right);
    }

    /** @return array<int, float> the diagonal of the inverse of what it is the root of */
    public function inverseDiagonal(): array
    {
        $diagonal = [];
        foreach ($this->rows as $at => $columns) {
            $x = [$at => 1 / $columns[$at]]; // a column of L⁻¹: its squares add up
            for ($row = $at + 1; $row < count($this->rows); $row++) {
                $own = $this->rows[$row];
                $value = 0.0;
                foreach ($x as $column => $one) {
                    if (isset($own[$column])) {
                        $value -= $own[$column] * $one;
                    }
                }
                if ($value !== 0.0) {
                    $x[$row] = $value / $own[$row];
                }
            }
            $diagonal[] = array_sum(array_map(static fn (float $one): float => $one * $one, $x));
        }

        return $diagonal;
    }
}

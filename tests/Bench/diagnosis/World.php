<?php

declare(strict_types=1);

namespace Hovik\Tests\Bench\Diagnosis;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;

/**
 * A kitchen of its own, with its own figures: how heavy things come out when people slip. It shares the pantry's weights, the
 * tools' sizes and the names of the slips with the core, and nothing else: other spreads, habits in camps instead of bells,
 * packages that have drifted, one rounding instead of two. Every outcome is a mixture of log-normals, so that how likely it was
 * can be told exactly, and with that the best that anybody could do.
 *
 * A part of a mixture: [how often, mean g, relative spread, what the display does].
 */
final class World
{
    /** How often each slip is made where it can be; by family first, else by 'any'. */
    private const RATES = [
        'any' => ['fill-missing' => 6, 'fill-extra' => 3, 'neighbour-tool' => 7, 'tsp-for-tbsp' => 6, 'tbsp-for-tsp' => 6, 'not-tared' => 8, 'wrong-unit' => 3, 'decimal-slip' => 1.5, 'swapped-digits' => 1.5,
            'wrong-ingredient' => 1.5, 'salt-crystal' => 18, 'tool-off-size' => 4, 'not-scaled' => 6, 'scaled-twice' => 2,
            'neighbour-line' => 1.5, 'floz-for-oz' => 4,
            'eye-above' => 20, 'eye-below' => 5, 'far-edge' => 5, 'top-of-curve' => 8, 'in-hand' => 7, 'jug-tilted' => 4, 'wrong-column' => 4, 'next-mark' => 4, 'under-filled' => 3],
        'fine-powder' => [
            'dipped' => 28, 'unsifted' => 12, 'tapped' => 9, 'pressed' => 10, 'not-loosened' => 8, 'heaped' => 8, 'sifted' => 4,
            'air-pockets' => 4, 'lumps' => 3, 'hollow' => 4, 'jug-for-dry' => 3,
        ],
        'granular-sugar' => [
            'heaped' => 12, 'tapped' => 8, 'pressed' => 3, 'lumps' => 4, 'not-loosened' => 3, 'hollow' => 5, 'jug-for-dry' => 3,
        ],
        'moist-sugar' => ['loose-sugar' => 25, 'heaped' => 8, 'air-pockets' => 6, 'lumps' => 4, 'hollow' => 5, 'pressed' => 8],
        'leavener-spice' => [
            'heaped' => 20, 'pressed' => 5, 'tapped' => 4, 'not-loosened' => 4, 'air-pockets' => 4, 'lumps' => 3, 'hollow' => 6,
        ],
        'coarse-grain' => [
            'heaped' => 12, 'tapped' => 9, 'pressed' => 5, 'dipped' => 7, 'not-loosened' => 4, 'air-pockets' => 3, 'lumps' => 2,
            'hollow' => 5, 'jug-for-dry' => 4,
        ],
        'pieces' => ['heaped' => 14, 'tapped' => 5, 'pressed' => 8, 'dipped' => 3, 'air-pockets' => 6, 'hollow' => 6, 'lumps' => 2],
        'shredded' => ['heaped' => 9, 'pressed' => 16, 'tapped' => 5, 'dipped' => 5, 'air-pockets' => 5, 'hollow' => 5, 'lumps' => 3],
        'solid-fat' => ['air-pockets' => 16, 'residue' => 12, 'heaped' => 7, 'lumps' => 5, 'hollow' => 5],
        'nut-butter' => ['air-pockets' => 14, 'residue' => 14, 'heaped' => 7, 'lumps' => 4, 'hollow' => 5],
        'thick-dairy-puree' => ['air-pockets' => 13, 'residue' => 12, 'heaped' => 8, 'lumps' => 3, 'hollow' => 6],
        'viscous-liquid' => ['residue' => 24, 'air-pockets' => 5, 'lumps' => 2, 'hollow' => 5],
        'thin-liquid' => ['residue' => 3, 'hollow' => 8, 'air-pockets' => 2],
        'oil' => ['residue' => 5, 'hollow' => 8, 'air-pockets' => 1],
    ];

    /** What a slip does to the filling: handlings of the pantry and how often each. */
    private const FILLING = [
        'dipped' => ['dipped' => 3, 'dipped-compacted-bin' => 1], 'tapped' => ['tapped' => 1],
        'pressed' => ['pressed-light' => 3, 'packed-firm' => 2],
        'not-loosened' => ['spooned' => 4, 'dipped-compacted-bin' => 1], 'sifted' => ['sifted' => 1],
        'unsifted' => ['stirred-spooned' => 1],
        'loose-sugar' => ['loose' => 3, 'spooned' => 2, 'dipped' => 3], 'air-pockets' => ['air-pockets' => 1], 'lumps' => ['lumpy' => 1],
    ];

    /** Two camps and those between: how strongly a habit shows, and how often. */
    private const CAMPS = [[0.65, 0.25], [1.0, 0.45], [1.3, 0.3]];

    private const CONES = [[0.35, 0.15], [0.5, 0.25], [0.65, 0.25], [0.8, 0.2], [0.97, 0.15]];

    private const DISHES = [[0.12, 0.3], [0.22, 0.4], [0.32, 0.3]];

    /** Of several fills, just one this often. */
    private const JUST_ONE = 0.2;

    /** k tan t of the eye, and how often. */
    private const EYES = [[0.02, 0.15], [0.04, 0.3], [0.06, 0.3], [0.09, 0.25]];

    private const FAR = [[0.08, 0.3], [0.14, 0.4], [0.2, 0.3]];

    private const VESSELS = [5, 12, 40, 60, 95, 150, 230, 310];

    private const SALTS = ['table-salt', 'fine-sea-salt', 'coarse-salt-light-flakes', 'coarse-salt-dense-flakes'];

    private const GUARDS = [
        'dipped' => ['spoon-heaped'], 'not-loosened' => ['loosen'], 'unsifted' => ['sift'], 'loose-sugar' => ['pack', 'turn-out'],
        'air-pockets' => ['press-out-air'],
        'lumps' => ['crush-lumps'], 'heaped' => ['sweep-level', 'settle'], 'hollow' => ['hold-level'],
        'eye-above' => ['eye-level'], 'eye-below' => ['eye-level'],
        'far-edge' => ['eye-level'], 'top-of-curve' => ['top-up-curve'], 'in-hand' => ['flat-surface'],
        'jug-tilted' => ['flat-surface'], 'residue' => ['scrape-out', 'oil-tool'],
        'under-filled' => ['spoon-heaped', 'dip-heaped', 'fill'],
    ];

    /** A step that failed is left unticked this often; one that was done is forgotten this often. */
    private const OWNS_UP = 0.4;

    private const FORGETS = 0.05;

    /** @return array<string, float> how often each label comes up here, adding up to 1; 60 % are sound */
    public static function rates(Setting $at): array
    {
        $rates = [];
        $own = (self::RATES[$at->ingredient->family->value] ?? []) + self::RATES['any'];
        foreach ($own as $label => $rate) {
            if (self::parts((string) $label, $at) !== []) {
                $rates[(string) $label] = $rate * ($label === 'fill-missing' ? min($at->count(), 5) / 3 : 1);
            }
        }
        $all = array_sum($rates);

        return ['sound' => 0.6] + array_map(static fn (float|int $rate): float => 0.4 * $rate / $all, $rates);
    }

    /** @return list<array{float, float, float, string}> the mixture of a label; none where it cannot happen */
    public static function parts(string $label, Setting $at): array
    {
        if (isset($at->parts[$label])) {
            return $at->parts[$label];
        }
        $parts = match (true) {
            $label === 'sound' => self::good($at->fills, $at),
            isset(self::FILLING[$label]) => self::filling($label, $at),
            default => match ($label) {
                'heaped' => self::rim($at, self::CONES, 1.0),
                'hollow' => $at->ingredient->family->isPoured() ? self::notBrimful($at) : self::rim($at, self::DISHES, -1.0),
                'fill-missing' => self::counted($at, -1),
                'fill-extra' => self::counted($at, 1),
                'neighbour-tool' => self::neighbours($at),
                'tsp-for-tbsp' => self::spoons($at, 1 / 3),
                'tbsp-for-tsp' => self::spoons($at, 3.0),
                'jug-for-dry' => self::inJug($at),
                'eye-above' => self::eye($at, self::EYES, -1.0),
                'eye-below' => self::eye($at, self::EYES, 1.0),
                'far-edge' => self::eye($at, self::FAR, -1.0),
                'top-of-curve' => self::height($at, [[-1.0, 0.3], [-1.5, 0.4], [-2.0, 0.3]]),
                'in-hand' => self::height($at, [[-4.0, 0.15], [-2.0, 0.2], [0.0, 0.3], [2.0, 0.2], [4.0, 0.15]]),
                'jug-tilted' => self::height($at, [[-6.0, 0.25], [-3.0, 0.25], [3.0, 0.25], [6.0, 0.25]]),
                'wrong-column' => self::lines($at, true),
                'next-mark' => self::lines($at, false),
                'under-filled' => self::underFilled($at),
                'residue' => $at->ingredient->residue < 0.008
                        ? []
                        : self::times(
                            $at,
                            [
                                [1 - 0.6 * $at->ingredient->residue, 1], [1 - $at->ingredient->residue, 1],
                                [1 - 1.5 * $at->ingredient->residue, 1],
                            ],
                        ),
                'not-tared' => self::notTared($at),
                'wrong-unit' => [...self::times($at, [[1 / 28.3495, 0.85]], 'ounces'), ...self::times($at, [[1 / 453.59, 0.15]], 'pounds')],
                'decimal-slip' => [...self::times($at, [[1.0, 0.4]], 'ten times'), ...self::times($at, [[1.0, 0.6]], 'a tenth')],
                'swapped-digits' => self::times($at, [[1.0, 1.0]], 'swapped'),
                'wrong-ingredient' => self::otherFoods($at),
                'salt-crystal' => self::salts($at),
                'tool-off-size' => self::times($at, [[0.88, 1], [0.92, 1], [1.07, 1], [1.12, 1]]),
                'not-scaled' => $at->factor === 1.0 ? [] : self::times($at, [[1 / $at->factor, 1]]),
                'scaled-twice' => $at->factor === 1.0 ? [] : self::times($at, [[$at->factor, 1]]),
                'neighbour-line' => self::times($at, array_map(static fn (float $grams): array => [$grams / $at->targetG, 1], $at->others)),
                'floz-for-oz' => $at->unit !== 'fl-oz' ? [] : self::times($at, [[28.3495 / (29.5735 * $at->perMl()), 1]]),
                default => throw new \LogicException($label),
            },
        };
        $all = array_sum(array_column($parts, 0));

        return $at->parts[$label] = array_map(static fn (array $part): array => [$part[0] / $all, $part[1], $part[2], $part[3]], $parts);
    }

    /** Which of a technique's steps guard against this label. @return list<string> */
    public static function guards(string $label): array
    {
        return self::GUARDS[$label] ?? [];
    }

    /** @param  list<string>  $skipped */
    public static function ofSteps(string $label, Setting $at, array $skipped): float
    {
        $p = 1.0;
        foreach ($at->steps as $step) {
            $fails = in_array($step, self::guards($label), true) ? self::OWNS_UP : self::FORGETS;
            $p *= in_array($step, $skipped, true) ? $fails : 1 - $fails;
        }

        return $p;
    }

    public static function skips(string $step, string $label): float
    {
        return in_array($step, self::guards($label), true) ? self::OWNS_UP : self::FORGETS;
    }

    /**
     * @param  list<Fill>  $fills
     * @return list<array{float, float, float, string}>
     */
    private static function good(array $fills, Setting $at, float $times = 1.0, float $spread = 0.0): array
    {
        $mean = $at->grams($fills) * $times;
        if ($mean <= 0) {
            return [];
        }
        $noise = hypot($at->noise($fills), $spread);

        // Most work tidily; one in ten is all over the place.
        return [[0.9, $mean, $noise, ''], [0.1, $mean, 1.8 * $noise, '']];
    }

    /** @return list<array{float, float, float, string}> */
    private static function filling(string $label, Setting $at): array
    {
        $family = $at->ingredient->family;
        if ($family->isPoured() && $label !== 'lumps' && $label !== 'air-pockets' || ($label === 'unsifted') !== ($at->handling === 'sifted') && in_array($label, ['sifted', 'unsifted'], true)
            || ($label === 'sifted' && $family !== Family::FinePowder) || ($label === 'dipped' && $at->handling === 'dipped')
            || ($label === 'pressed' && $family === Family::MoistSugar && $at->handling === 'packed-firm') || ($label === 'loose-sugar' && $family !== Family::MoistSugar)) {
            return [];
        }
        $parts = [];
        foreach (self::FILLING[$label] as $handling => $often) {
            $ratio = $at->factor($handling) / $at->factor($at->handling);
            if ($at->factor($handling) === 0.0 || $handling === $at->handling || abs($ratio - 1) < 0.009) {
                continue;
            }
            foreach (self::CAMPS as [$strength, $share]) {
                $parts = [...$parts, ...self::allOrOne($at, $often * $share, $ratio ** $strength, 0.02)];
            }
        }

        return $parts;
    }

    /** @return list<array{float, float, float, string}> */
    private static function allOrOne(Setting $at, float $often, float $ratio, float $spread): array
    {
        $n = $at->count();
        $part = static fn (float $share, float $times): array => array_map(
            static fn (array $p): array => [$p[0] * $share, $p[1], $p[2], $p[3]], self::good($at->fills, $at, $times, $spread),
        );
        if ($n === 1) {
            return $part($often, $ratio);
        }
        $parts = $part($often * (1 - self::JUST_ONE), $ratio);
        $whole = $at->grams($at->fills);
        foreach ($at->fills as $fill) {
            $one = $at->grams([new Fill($fill->tool, 1, $fill->toMark)]);
            $parts = [...$parts, ...$part($often * self::JUST_ONE * $fill->count / $n, 1 + ($ratio - 1) * $one / $whole)];
        }

        return $parts;
    }

    /**
     * @param  list<array{float, float}>  $cones
     * @return list<array{float, float, float, string}>
     */
    private static function rim(Setting $at, array $cones, float $sign): array
    {
        $parts = [];
        foreach ($at->fills as $fill) {
            if ($fill->toMark !== null || $fill->tool->diameterMm === null || $at->ingredient->family->isPoured()) {
                return [];
            }
        }
        foreach ($cones as [$s, $share]) {
            $n = $at->count();
            $whole = $at->grams($at->fills);
            $more = 0.0;
            foreach ($at->fills as $fill) {
                $mound = $sign * $s * M_PI / 3 * ($fill->tool->diameterMm / 2) ** 3 * tan(
                    deg2rad($at->ingredient->reposeDeg ?? 38.0),
                ) / 1000;
                $mound = max($mound, -0.45 * $fill->tool->aboutMl);
                $grams = $mound * $at->perMlIn($fill);
                $more += $fill->count * $grams;
                if ($n > 1) {
                    $parts = [
                        ...$parts,
                        ...array_map(
                            static fn (array $p): array => [$p[0] * $share * self::JUST_ONE * $fill->count / $n, $p[1], $p[2], $p[3]],
                            self::good($at->fills, $at, 1 + $grams / $whole, 0.02),
                        ),
                    ];
                }
            }
            $all = $n > 1 ? 1 - self::JUST_ONE : 1.0;
            $parts = [
                ...$parts,
                ...array_map(
                    static fn (array $p): array => [$p[0] * $share * $all, $p[1], $p[2], $p[3]],
                    self::good($at->fills, $at, 1 + $more / $whole, 0.02),
                ),
            ];
        }

        return $parts;
    }

    /** @return list<array{float, float, float, string}> */
    private static function underFilled(Setting $at): array
    {
        foreach ($at->fills as $fill) {
            if ($fill->toMark !== null || $at->ingredient->family->isPoured() || $fill->tool->kind === ToolKind::ButterWrapper) {
                return [];
            }
        }

        return [...self::allOrOne($at, 0.3, 0.6, 0.03), ...self::allOrOne($at, 0.4, 0.7, 0.03), ...self::allOrOne($at, 0.3, 0.83, 0.03)];
    }

    /** @return list<array{float, float, float, string}> */
    private static function notBrimful(Setting $at): array
    {
        return $at->isRead() || $at->fills[0]->tool->kind->isMarked() ? [] : self::times($at, [[0.95, 0.25], [0.9, 0.4], [0.82, 0.35]]);
    }

    /** @return list<array{float, float, float, string}> */
    private static function counted(Setting $at, int $more): array
    {
        $parts = [];
        foreach ($at->fills as $i => $fill) {
            if ($fill->count + $more === 0 && count($at->fills) === 1 || $fill->tool->kind === ToolKind::ButterWrapper) {
                continue;
            }
            $fills = $at->fills;
            $fills[$i] = new Fill($fill->tool, $fill->count + $more, $fill->toMark);
            $parts = [
                ...$parts,
                ...array_map(
                    static fn (array $p): array => [$p[0] * $fill->count, $p[1], $p[2], $p[3]],
                    self::good(array_values(array_filter($fills, static fn (Fill $f): bool => $f->count > 0)), $at),
                ),
            ];
        }

        return $parts;
    }

    /** @return list<array{float, float, float, string}> */
    private static function neighbours(Setting $at): array
    {
        $parts = [];
        foreach ($at->fills as $i => $fill) {
            if ($fill->toMark !== null) {
                continue;
            }
            foreach ([-1, 1] as $way) {
                $near = null;
                foreach ($at->drawer as $tool) {
                    $ratio = $tool->aboutMl / $fill->tool->aboutMl;
                    if (
                        $tool->kind === $fill->tool->kind
                            && ($ratio <=> 1.0) === $way
                            && abs($ratio - 1) > 0.02
                            && ! self::isThird($ratio)
                            && ($near === null || abs($ratio - 1) < abs($near->aboutMl / $fill->tool->aboutMl - 1))
                    ) {
                        $near = $tool;
                    }
                }
                if ($near !== null) {
                    $parts = [...$parts, ...self::with($at, $i, $near, null, $fill->count)];
                }
            }
        }

        return $parts;
    }

    private static function isThird(float $ratio): bool
    {
        return abs($ratio * 3 - 1) < 0.03 || abs($ratio / 3 - 1) < 0.03;
    }

    /** @return list<array{float, float, float, string}> */
    private static function spoons(Setting $at, float $times): array
    {
        $parts = [];
        foreach ($at->fills as $i => $fill) {
            foreach ($at->drawer as $tool) {
                if (
                    $tool->kind === ToolKind::Spoon
                        && $fill->tool->kind === ToolKind::Spoon
                        && abs($tool->aboutMl / $fill->tool->aboutMl / $times - 1) < 0.02
                ) {
                    $parts = [...$parts, ...self::with($at, $i, $tool, null, $fill->count)];
                }
            }
        }

        return $parts;
    }

    /** @return list<array{float, float, float, string}> */
    private static function with(Setting $at, int $i, Tool $tool, ?Mark $mark, float $often): array
    {
        $fills = $at->fills;
        $fills[$i] = new Fill($tool, $fills[$i]->count, $mark);

        return array_map(static fn (array $p): array => [$p[0] * $often, $p[1], $p[2], $p[3]], self::good($fills, $at));
    }

    /** @return list<array{float, float, float, string}> */
    private static function inJug(Setting $at): array
    {
        return $at->ingredient->family->isPoured() || $at->fills[0]->tool->kind !== ToolKind::DryCup ? []
            : [
                ...self::good($at->fills, $at, 1.0, 0.06), ...self::good($at->fills, $at, 1.08, 0.06),
                ...self::good($at->fills, $at, 1.16, 0.06),
            ];
    }

    /**
     * @param  list<array{float, float}>  $eyes
     * @return list<array{float, float, float, string}>
     */
    private static function eye(Setting $at, array $eyes, float $sign): array
    {
        return $at->fills[0]->tool->kind === ToolKind::TopReadLiquidMeasure ? []
            : self::height(
                $at,
                array_map(static fn (array $eye): array => [$sign * $eye[0] * ($at->fills[0]->tool->diameterMm ?? 0.0), $eye[1]], $eyes),
            );
    }

    /**
     * @param  list<array{float, float}>  $heights  mm, and how often
     * @return list<array{float, float, float, string}>
     */
    private static function height(Setting $at, array $heights): array
    {
        if (! $at->isRead()) {
            return [];
        }
        $tool = $at->fills[0]->tool;
        $perMm = M_PI / 4 * $tool->diameterMm ** 2 / 1000;
        $parts = [];
        foreach ($heights as [$mm, $often]) {
            $ml = ($at->fills[0]->toMark->about ?? 0.0) + $mm * $perMm;
            if ($ml > 2) {
                $times = $ml / ($at->fills[0]->toMark->about ?? 1.0);
                $parts[] = [$often, $at->grams($at->fills) * $times, max($at->noise($at->fills) / $times, 0.006), ''];
            }
        }

        return $parts;
    }

    /** @return list<array{float, float, float, string}> */
    private static function lines(Setting $at, bool $other): array
    {
        if (! $at->isRead()) {
            return [];
        }
        $fill = $at->fills[0];
        $marks = $fill->tool->marks;
        usort($marks, static fn (Mark $a, Mark $b): int => $a->about <=> $b->about);
        $parts = [];
        foreach ($marks as $mark) {
            $ratio = $mark->about / ($fill->toMark->about ?? 1.0);
            $same = strtok($mark->text, 'a..z') !== false
                    && explode(' ', $mark->text)[0] === explode(' ', $fill->toMark->text ?? '')[0]
                    && abs($ratio - 1) > 0.02;
            $isNear = $ratio > 0.72 && $ratio < 1.38 && abs($ratio - 1) > 0.02;
            $isSameColumn = self::column($mark) === self::column($fill->toMark ?? $mark);
            if ($other ? $same || $isNear && ! $isSameColumn : $isNear && $isSameColumn) {
                $parts = [...$parts, ...self::with($at, 0, $fill->tool, $mark, 1.0)];
            }
        }

        return $parts;
    }

    /** By what is printed: the unit, and thirds apart. */
    private static function column(Mark $mark): string
    {
        return preg_replace('~^[\d /]+~', '', $mark->text).(preg_match('~/3\b~', $mark->text) === 1 ? ' thirds' : '');
    }

    /**
     * @param  list<array{float, float|int}>  $times
     * @return list<array{float, float, float, string}>
     */
    private static function times(Setting $at, array $times, string $display = ''): array
    {
        $parts = [];
        foreach ($times as [$factor, $often]) {
            foreach (self::good($at->fills, $at, $factor) as $part) {
                $parts[] = [$part[0] * $often, $part[1], $part[2], $display];
            }
        }

        return $parts;
    }

    /** @return list<array{float, float, float, string}> */
    private static function notTared(Setting $at): array
    {
        $parts = [];
        foreach ($at->containerG === null ? self::VESSELS : [$at->containerG] as $vessel) {
            foreach (self::good($at->fills, $at) as $part) {
                $parts[] = [$part[0], $part[1], $part[2], "+$vessel"];
            }
        }

        return $parts;
    }

    /** @return list<array{float, float, float, string}> */
    private static function otherFoods(Setting $at): array
    {
        $parts = [];
        foreach ($at->pantry->ids() as $id) {
            $other = $at->pantry->ingredient($id);
            if (
                $other->family === $at->ingredient->family
                    && $other->gramsPerUsCup !== null
                    && $id !== $at->ingredient->id
                    && ! in_array($id, self::SALTS, true)
            ) {
                $ratio = self::perCup($other) / self::perCup($at->ingredient);
                if (abs($ratio - 1) > 0.015) {
                    $parts = [...$parts, ...self::good($at->fills, $at, $ratio)];
                }
            }
        }

        return $parts;
    }

    private static function perCup(Ingredient $of): float
    {
        return $of->family === Family::LeavenerSpice
                && $of->gramsPerTsp !== null ? 48 * $of->gramsPerTsp->toFloat() : ($of->gramsPerUsCup?->toFloat() ?? 1.0);
    }

    /** @return list<array{float, float, float, string}> */
    private static function salts(Setting $at): array
    {
        if (! in_array($at->ingredient->id, self::SALTS, true)) {
            return [];
        }
        $parts = [];
        foreach (array_diff(self::SALTS, [$at->ingredient->id]) as $id) {
            $parts = [
                ...$parts,
                ...self::good($at->fills, $at, self::perCup($at->pantry->ingredient($id)) / self::perCup($at->ingredient), 0.05),
            ];
        }

        return $parts;
    }
}

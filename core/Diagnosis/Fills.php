<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Weighing\Weight;

/** Plans with one thing changed. */
final class Fills
{
    /**
     * @param  list<Fill>  $fills
     * @return list<Fill> with the one at $index so many times more, or fewer
     */
    public static function changed(array $fills, int $index, int $more): array
    {
        $left = [];
        foreach ($fills as $i => $fill) {
            $count = $fill->count + ($i === $index ? $more : 0);
            if ($count > 0) {
                $left[] = new Fill($fill->tool, $count, $fill->toMark);
            }
        }

        return $left;
    }

    /**
     * @param  list<Fill>  $fills
     * @return list<Fill> with another tool, or another line, in the place of the one at $index
     */
    public static function swapped(array $fills, int $index, Tool $tool, ?Mark $mark = null): array
    {
        $fills[$index] = new Fill($tool, $fills[$index]->count, $mark);

        return array_values($fills);
    }

    /** Two weights in one bowl: what they share adds in full, what is each one's own by squares. */
    public static function together(Weight $one, Weight $other): Weight
    {
        return new Weight(
            $one->mean + $other->mean,
            hypot($one->fillU, $other->fillU),
            hypot($one->toolU, $other->toolU),
            $one->batchU + $other->batchU,
            hypot($one->habitU, $other->habitU),
            $one->residueU + $other->residueU,
        );
    }
}

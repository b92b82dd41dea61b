<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

/**
 * A weight that was typed wrong and typed anew after its result was seen could follow that result. It counts as the first try only where
 * no scale could have shown the first number ({@see Doubt}), or where the teacher says so.
 */
final class FirstTry
{
    /** @param  float  $wrongG  what was typed first, g */
    public static function countsRetyped(Target $target, float $wrongG, bool $isAllowed): bool
    {
        return $isAllowed || Doubt::isFar($target, $wrongG);
    }
}

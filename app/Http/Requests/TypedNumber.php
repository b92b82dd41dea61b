<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A number as hands type it: half the world with a decimal comma. */
final class TypedNumber
{
    public static function read(mixed $typed): mixed
    {
        return is_string($typed) ? str_replace(',', '.', trim($typed)) : $typed;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Views;

use JsonSerializable;

/**
 * Values by key: an object in JSON even where there are none.
 *
 * @template T
 */
final readonly class JsonMap implements JsonSerializable
{
    /** @param  array<array-key, T>  $values */
    public function __construct(public array $values)
    {
    }

    public function jsonSerialize(): object
    {
        return (object) $this->values;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Views;

use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\JsonResponse;

/**
 * An answer of the API, or a part of one. Its promoted, typed, documented constructor properties are the schema in docs/openapi.json and,
 * by their names, the JSON that is sent; nothing else says what it looks like.
 */
abstract readonly class View implements Responsable
{
    /** HTTP status of an answer that is this view. */
    public const STATUS = 200;

    public function toResponse($request): JsonResponse
    {
        return new JsonResponse($this, static::STATUS);
    }
}

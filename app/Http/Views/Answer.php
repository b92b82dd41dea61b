<?php

declare(strict_types=1);

namespace App\Http\Views;

use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\JsonResponse;

/**
 * A view with a status that only the moment knows: 201 where something was stored, 200 where it was there already.
 *
 * @template T of View
 */
final readonly class Answer implements Responsable
{
    /** @param  T  $view */
    public function __construct(public View $view, public int $status)
    {
    }

    public function toResponse($request): JsonResponse
    {
        return new JsonResponse($this->view, $this->status);
    }
}

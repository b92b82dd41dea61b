<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Http\JsonResponse;
use RuntimeException;

/** Something that was fine to ask but cannot be done now: 409, with a sentence for the person who asked. */
final class Refusal extends RuntimeException
{
    /** @param  string  $key of lang/LOCALE/refusals.php */
    public function __construct(private readonly string $key, private readonly int $status = 409)
    {
        parent::__construct($key);
    }

    public function render(): JsonResponse
    {
        return response()->json(['message' => __("refusals.$this->key"), 'reason' => $this->key], $this->status);
    }

    public function report(): bool
    {
        return true; // nothing to log: it is an answer, not a fault
    }
}

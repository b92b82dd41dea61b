<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Words\Said;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\JsonResponse;
use RuntimeException;

/** Something that was fine to ask but cannot be done now: 409, with a sentence for the person who asked. */
final class Refusal extends RuntimeException
{
    /** @param  string  $id  `refusal.ID` of the phrasebook */
    public function __construct(private readonly string $id, private readonly int $status = 409)
    {
        parent::__construct($id);
    }

    public static function tooLarge(): self
    {
        return new self('refusal.too-large', 413);
    }

    public function render(): JsonResponse
    {
        return response()->json(
            ['message' => Said::phrase(Phrase::of($this->id)), 'reason' => substr($this->id, strlen('refusal.'))], $this->status,
        );
    }

    public function report(): bool
    {
        return true; // nothing to log: it is an answer, not a fault
    }
}

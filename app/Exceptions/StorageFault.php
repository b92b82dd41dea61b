<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Words\Said;
use Hovik\Core\Words\Phrase;
use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RuntimeException;

/** What the database would not do, without the values it was asked with: they may be a child's name, and logs are read by others. */
final class StorageFault extends RuntimeException
{
    /** MariaDB: a table is full, the disk is full, the storage engine has no room (28). */
    private const FULL = [1021, 1114, 1030, 28];

    private function __construct(string $what, private readonly bool $isFull)
    {
        parent::__construct($what);
    }

    public static function of(QueryException $fault): self
    {
        $code = (int) ($fault->errorInfo[1] ?? 0);
        $made = new self("SQLSTATE[{$fault->getCode()}] $code: {$fault->getSql()}", in_array($code, self::FULL, true));
        [$made->file, $made->line] = [$fault->getFile(), $fault->getLine()];

        return $made;
    }

    public static function full(): self
    {
        return new self('The disk is full.', true);
    }

    /** @return bool true: not to be logged. Where there is no room there is none for a log, either. */
    public function report(): bool
    {
        return $this->isFull;
    }

    /** A full disk is told; all else is a fault like another. */
    public function render(Request $request): JsonResponse|Response|null
    {
        if (! $this->isFull) {
            return null;
        }
        $said = Said::phrase(Phrase::of('refusal.disk-full'));

        return $request->is('api/*') ? response()->json(['message' => $said], 507) : response()->view('full', ['said' => $said], 507);
    }
}

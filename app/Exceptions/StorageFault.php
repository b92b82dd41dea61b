<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Words\Said;
use Hovik\Core\Words\Phrase;
use Illuminate\Database\LostConnectionException;
use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Log;
use PDOException;
use RedisException;
use RuntimeException;
use Throwable;

/**
 * What the database, or a district's cache, would not do; without the values it was asked with: they may be a child's name, and logs are
 * read by others.
 */
final class StorageFault extends RuntimeException
{
    /** MariaDB: a table is full, the disk is full, the storage engine has no room (28). */
    private const FULL = [1021, 1114, 1030, 28];

    /**
     * It passes by itself. MariaDB: a deadlock (1213), a lock waited for in vain (1205), a commit that the cluster refused (1180), a node
     * that is not in the cluster yet (1047), that ends (1053, 1927), that cannot be reached (2002, 2003), that went away (2006, 2013).
     */
    private const PASSING = [1213, 1205, 1180, 1047, 1053, 1927, 2002, 2003, 2006, 2013];

    private function __construct(string $what, private readonly bool $isFull, private readonly bool $isPassing = false)
    {
        parent::__construct($what);
    }

    /** Whether trying again in a moment may succeed; false for any other fault. */
    public static function passes(?Throwable $fault): bool
    {
        return match (true) {
            $fault instanceof self => $fault->isPassing,
            $fault instanceof RedisException, $fault instanceof LostConnectionException => true,
            $fault instanceof PDOException => in_array((int) ($fault->errorInfo[1] ?? $fault->getCode()), self::PASSING, true),
            default => false,
        };
    }

    public static function away(Throwable $fault): self
    {
        return new self($fault->getMessage(), false, true);
    }

    public static function of(QueryException $fault): self
    {
        $code = (int) ($fault->errorInfo[1] ?? 0);
        $isFull = in_array($code, self::FULL, true);
        $made = new self("SQLSTATE[{$fault->getCode()}] $code: {$fault->getSql()}", $isFull, self::passes($fault));
        [$made->file, $made->line] = [$fault->getFile(), $fault->getLine()];

        return $made;
    }

    public static function full(): self
    {
        return new self('The disk is full.', true);
    }

    /** @return bool true: not to be logged as a fault. Where there is no room there is none for a log, either. */
    public function report(): bool
    {
        if ($this->isPassing) {
            Log::notice($this->getMessage()); // a line: while a node is changed there are many
        }

        return $this->isFull || $this->isPassing;
    }

    /** A full disk, and what passes, are told; all else is a fault like another. */
    public function render(Request $request): JsonResponse|Response|null
    {
        if (! $this->isFull && ! $this->isPassing) {
            return null;
        }
        $said = Said::plainly(Phrase::of($this->isFull ? 'refusal.disk-full' : 'refusal.storage-away'));
        $status = $this->isFull ? 507 : 503;
        $headers = $this->isFull ? [] : ['Retry-After' => '2'];

        return $request->is('api/*') ? response()->json(['message' => $said], $status, $headers)
            : response()->view('full', ['said' => $said, 'again_s' => $this->isFull ? 30 : 3], $status, $headers);
    }
}

<?php

declare(strict_types=1);

namespace App\Live;

use JsonException;
use RuntimeException;

/**
 * The socket between requests and the process that tells of what they did (`live:tell`). A datagram each: the kernel keeps their order,
 * none is taken in half, and a sender whose teller is dead is told so at once.
 */
final class Teller
{
    /** More than a happening takes. */
    private const BYTES = 1024;

    /** So long a request waits for a place in a full queue, in microseconds, before it tells of it by itself. */
    private const PATIENCE_US = 50_000;

    /** It gathers what happens until nothing has come for so long, in microseconds; and no longer than that, in milliseconds. */
    private const QUIET_US = 25_000;

    private const GATHERS_MS = 80;

    /** @var resource|null the teller's own end */
    private mixed $open = null;

    private function __construct(private readonly string $path)
    {
    }

    /** @param  string  $path  of the socket; empty: there is none */
    public static function at(string $path): self
    {
        return new self($path);
    }

    /** Whether the teller has it, and so will tell of it. */
    public function hand(Happening $happening): bool
    {
        $socket = $this->path === '' ? false : @stream_socket_client("udg://$this->path", timeout: 0.1);
        if ($socket === false) {
            return false;
        }
        stream_set_blocking($socket, false);
        $text = $happening->toText();
        [$read, $write, $except] = [null, [$socket], null];

        return stream_select($read, $write, $except, 0, self::PATIENCE_US) === 1 && @fwrite($socket, $text) === strlen($text);
    }

    /**
     * From now on it takes what happened.
     *
     * @return bool whether the one before had no time to say goodbye: what it was about to tell is unknown
     */
    public function open(): bool
    {
        $isLeft = file_exists($this->path);
        if ($isLeft) {
            unlink($this->path);
        }
        $rights = umask(0117);
        $socket = stream_socket_server("udg://$this->path", $code, $why, STREAM_SERVER_BIND);
        umask($rights);
        if ($socket === false) {
            throw new RuntimeException("The teller's socket could not be made: $why");
        }
        stream_set_blocking($socket, false);
        $this->open = $socket;

        return $isLeft;
    }

    /**
     * What came since it was last asked, and what comes right after it: told together, each costs less.
     *
     * @param  int  $seconds  for which it waits for the first
     * @return list<Happening> in the order in which they came
     */
    public function heard(int $seconds): array
    {
        if (! $this->comes($seconds)) {
            return [];
        }
        $heard = [];
        $until = now()->addMilliseconds(self::GATHERS_MS);
        do {
            while (($text = (string) stream_socket_recvfrom($this->open, self::BYTES)) !== '') {
                try {
                    $heard[] = Happening::fromText($text);
                } catch (JsonException $fault) {
                    report($fault);
                }
            }
        } while (! $until->isPast() && $this->comes(0, self::QUIET_US));

        return $heard;
    }

    private function comes(int $seconds, int $microseconds = 0): bool
    {
        [$read, $write, $except] = [[$this->open], null, null];

        return @stream_select($read, $write, $except, $seconds, $microseconds) === 1; // a signal ends the waiting, and is no fault
    }

    /** Whoever comes later is told at once that nobody is there; what came before is still heard. */
    public function close(): void
    {
        if (file_exists($this->path)) {
            unlink($this->path);
        }
    }
}

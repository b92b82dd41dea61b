<?php

declare(strict_types=1);

namespace App\Auth;

use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Support\Facades\Hash;

/** Passwords are hashed so slowly that guessing does not pay; so that asking does not eat the machine, two at a time are looked at. */
final class SlowHash
{
    private const AT_ONCE = 2;

    private const PATIENCE_S = 5.0;

    /** Takes as long where there is nobody, or no password, as where there is. */
    public static function holds(string $password, ?string $hash): bool
    {
        return self::oneOfFew(static function () use ($password, $hash): bool {
            $right = Hash::check($password, $hash ?? self::nobodys());

            return $hash !== null && $right;
        });
    }

    public static function make(string $password): string
    {
        return self::oneOfFew(static fn (): string => Hash::make($password));
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $act
     * @return T
     */
    private static function oneOfFew(\Closure $act): mixed
    {
        $until = microtime(true) + self::PATIENCE_S;
        do {
            for ($place = 0; $place < self::AT_ONCE; $place++) {
                $file = fopen(storage_path("framework/hash-$place"), 'c');
                if ($file !== false && flock($file, LOCK_EX | LOCK_NB)) {
                    try {
                        return $act();
                    } finally {
                        fclose($file);
                    }
                }
            }
            usleep(20_000);
        } while (microtime(true) < $until);

        throw new ThrottleRequestsException(headers: ['Retry-After' => '5']);
    }

    /** Nobody's password, by the same cost as anybody's. */
    private static function nobodys(): string
    {
        static $hashes = [];
        $rounds = (int) config('hashing.bcrypt.rounds', 12);

        return $hashes[$rounds] ??= sprintf('$2y$%02d$', $rounds).'abcdefghijklmnopqrstuuKXGvSLUfL9cS9LLtL2yNcUgmMBsxPHW';
    }
}

<?php

declare(strict_types=1);

namespace App\School;

use App\Classes\Code;
use App\Models\School;
use App\Models\Slip;

/** What the first visitor of an empty installation must bring: told once on the terminal of whoever started it, kept as a hash. */
final class SetUpCode
{
    public static function isNeeded(): bool
    {
        return School::query()->doesntExist();
    }

    /** A new one; the one before is worth nothing. */
    public static function make(): string
    {
        $code = Code::ofSlip();
        file_put_contents(self::file(), Slip::hash($code), LOCK_EX);
        chmod(self::file(), 0640);

        return $code;
    }

    public static function is(string $code): bool
    {
        return is_file(self::file()) && hash_equals((string) file_get_contents(self::file()), Slip::hash($code));
    }

    public static function used(): void
    {
        @unlink(self::file());
    }

    private static function file(): string
    {
        return storage_path('framework/set-up-code');
    }
}

<?php

declare(strict_types=1);

namespace App\School;

use App\Classes\Code;
use App\Models\School;
use App\Models\Slip;
use Illuminate\Support\Facades\Cache;

/**
 * What whoever sets up a school must bring: told on the terminal of whoever looks after the machine, kept as a hash. The first one of an
 * empty installation is told when it starts, further ones by `school:add`.
 */
final class SetUpCode
{
    private const KEPT_S = 604_800;

    private const KEY = 'set-up-code:';

    /** The one that is told on each start while there is no school: the one before is worth nothing then. */
    private const FIRST = 'set-up-code';

    /** Whether nobody has been here yet: the first visitor is led to setting up. */
    public static function isEmpty(): bool
    {
        return School::query()->doesntExist();
    }

    /** A further one beside those that were told before. */
    public static function make(): string
    {
        $code = Code::ofSlip();
        Cache::put(self::key($code), true, self::KEPT_S);

        return $code;
    }

    public static function first(): string
    {
        $before = Cache::get(self::FIRST);
        if (is_string($before)) {
            Cache::forget($before);
        }
        $code = self::make();
        Cache::put(self::FIRST, self::key($code), self::KEPT_S);

        return $code;
    }

    public static function is(string $code): bool
    {
        return Cache::has(self::key($code));
    }

    /** It works no longer. */
    public static function use(string $code): void
    {
        Cache::forget(self::key($code));
    }

    private static function key(string $code): string
    {
        return self::KEY.Slip::hash($code);
    }
}

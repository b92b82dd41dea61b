<?php

declare(strict_types=1);

namespace App\Auth;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\Hash;

/** A student's PIN: four digits that are not among the first that somebody else would try. */
final class Pin
{
    /** Of ten thousand a slow hash hides none: pauses after wrong ones do. A class comes in within a minute. */
    private const ROUNDS = 8;

    public static function hash(string $pin): string
    {
        return Hash::make($pin, ['rounds' => min(self::ROUNDS, (int) config('hashing.bcrypt.rounds', self::ROUNDS))]);
    }

    /** @throws InvalidInput when it is one of the first to be tried: 1111, 1234, 9876, 1212, a year */
    public static function refuseWeak(string $pin): void
    {
        if (self::isWeak($pin)) {
            throw InvalidInput::because('pin', Phrase::of('refusal.weak-pin'));
        }
    }

    public static function isWeak(string $pin): bool
    {
        return preg_match('/^(\d)\1{3}$|^(\d\d)\2$|^(19|20)\d\d$/', $pin) === 1
                || str_contains('01234567890', $pin) || str_contains('09876543210', $pin);
    }

    /** One to hand out. */
    public static function draw(): string
    {
        do {
            $pin = sprintf('%04d', random_int(0, 9999));
        } while (self::isWeak($pin));

        return $pin;
    }
}

<?php

declare(strict_types=1);

namespace App\Auth;

/** A device on which a teacher is signed in. */
final readonly class TeachersDevice
{
    /**
     * @param  string  $session  the hashed id of its session
     * @param  string  $kind  `phone`, `tablet` or `computer`
     * @param  int  $askedAt  when it asked last, in seconds since 1970
     */
    public function __construct(public string $session, public int $teacher, public string $kind, public int $askedAt)
    {
    }

    /** Enough to know one's own devices by. */
    public static function kindOf(string $userAgent): string
    {
        return match (true) {
            str_contains($userAgent, 'Mobile') => 'phone',
            preg_match('/Tablet|Android/', $userAgent) === 1 => 'tablet',
            default => 'computer',
        };
    }
}

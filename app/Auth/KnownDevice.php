<?php

declare(strict_types=1);

namespace App\Auth;

use App\Models\Student;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

/**
 * What a device keeps about itself, sealed: a random name for counting wrong tries, and as which students it came in before. Nothing of it
 * is stored here.
 */
final readonly class KnownDevice
{
    private const COOKIE = 'hovik_device';

    private const KEPT_MINUTES = 432_000; // 300 days

    /** A tablet of a room that a few classes share. */
    private const MOST_STUDENTS = 60;

    /** @param  list<string>  $students  `id.version` */
    private function __construct(public string $name, private array $students)
    {
    }

    public static function of(Request $request): self
    {
        $kept = json_decode((string) $request->cookie(self::COOKIE), true);
        $name = is_array($kept) ? ($kept['name'] ?? null) : null;
        $students = is_array($kept) ? ($kept['students'] ?? null) : null;

        return is_string($name) && is_array($students)
            ? new self($name, array_values(array_filter($students, is_string(...)))) : new self((string) Str::ulid(), []);
    }

    /** Whether this student came in with it since their PIN was made. */
    public function knows(Student $student): bool
    {
        return in_array(self::mark($student), $this->students, true);
    }

    /** Sends it to the device: with its name, and as one that this student came in with. */
    public function keep(?Student $student = null): void
    {
        $students = $this->students;
        if ($student !== null) {
            $students = [...array_diff($students, [self::mark($student)]), self::mark($student)];
        }
        $kept = json_encode(['name' => $this->name, 'students' => array_slice($students, -self::MOST_STUDENTS)], JSON_THROW_ON_ERROR);
        Cookie::queue(Cookie::make(self::COOKIE, $kept, self::KEPT_MINUTES, secure: (bool) config('session.secure'), sameSite: 'lax'));
    }

    private static function mark(Student $student): string
    {
        return "$student->id.$student->session_version";
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Said;
use Closure;
use Hovik\Core\Words\Phrase;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * A name as people have them, by whatever way it comes in: letters of any script; no control or direction signs, which make lists lie, no
 * signs of a page's language, and none that a spreadsheet takes for a formula.
 */
final class PersonName implements ValidationRule
{
    /** Joiners are letters' own; these turn a line around or hide in it. */
    private const INVISIBLE = '\x{AD}\x{61C}\x{180E}\x{200B}\x{200E}\x{200F}'
        .'\x{2028}-\x{202E}\x{2060}-\x{206F}\x{FEFF}\x{FFF9}-\x{FFFB}\x{E0000}-\x{E007F}';

    public static function fault(string $name): ?string
    {
        return match (true) {
            preg_match('~^[=+\-@|%]~', $name) === 1 => 'refusal.roster-formula',
            preg_match('~[<>{}\p{Cc}\p{Co}'.self::INVISIBLE.']~u', $name) === 1 => 'refusal.roster-signs',
            default => null,
        };
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $fault = is_string($value) ? self::fault(trim($value)) : null;
        if ($fault !== null) {
            $fail(Said::phrase(Phrase::of($fault)));
        }
    }
}

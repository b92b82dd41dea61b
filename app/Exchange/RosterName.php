<?php

declare(strict_types=1);

namespace App\Exchange;

/** A name as a roster has it: in one cell, surname first, with a number or a mail address around it. */
final readonly class RosterName
{
    private function __construct(public string $given, public string $family, public string $number)
    {
    }

    /** `1. Oona Vale <oona@school.example>`, `Vale, Oona`, `Oona Vale`. */
    public static function read(string $text): self
    {
        $text = self::tidy((string) preg_replace('~<[^<>@\s]+@[^<>\s]+>|[^\s,;<>]+@[^\s,;<>]+~u', ' ', $text));
        $number = '';
        if (preg_match('~^(\d{1,4})\s*[.):]?\s+(?=\p{L})|^(\d{1,4})[.):](?=\p{L})~u', $text, $found) === 1) {
            $number = $found[1] !== '' ? $found[1] : $found[2];
            $text = substr($text, strlen($found[0]));
        }
        if (preg_match('~^([^,]+),\s*([^,]+)$~u', $text, $parts) === 1) {
            return new self(self::tidy($parts[2]), self::tidy($parts[1]), $number);
        }
        [$given, $family] = [...explode(' ', $text, 2), ''];

        return new self($given, $family, $number);
    }

    public static function of(string $given, string $family, string $number = ''): self
    {
        return new self(self::tidy($given), self::tidy($family), $number);
    }

    /** Whether this is a mail address and nothing else. */
    public static function isMail(string $text): bool
    {
        return preg_match('~^<?[^\s<>@]+@[^\s<>@]+>?$~', trim($text)) === 1;
    }

    /** The whole name, or the first one alone. */
    public function shown(bool $isFirstOnly): string
    {
        return $isFirstOnly && $this->given !== '' ? $this->given : trim("$this->given $this->family");
    }

    /** The first name and as little of the family's as tells two of a name apart. */
    public function toldApart(): string
    {
        return $this->family === '' ? $this->given : "$this->given ".mb_substr($this->family, 0, 1).'.';
    }

    private static function tidy(string $text): string
    {
        return trim((string) preg_replace('~\s+~u', ' ', $text), " \t,;");
    }
}

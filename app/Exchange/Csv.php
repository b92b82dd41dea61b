<?php

declare(strict_types=1);

namespace App\Exchange;

/** A file for spreadsheets: UTF-8 with its mark, and nothing that a spreadsheet takes for a formula. */
final class Csv
{
    /**
     * @param  list<string>  $head
     * @param  iterable<array<array-key, mixed>>  $rows  by name, in the head's order
     */
    public static function of(array $head, iterable $rows): string
    {
        $file = fopen('php://temp', 'r+');
        if ($file === false) {
            throw new \RuntimeException('There is no memory for a file.');
        }
        fwrite($file, "\xEF\xBB\xBF");
        fputcsv($file, $head, ',', '"', '', "\r\n");
        foreach ($rows as $row) {
            fputcsv($file, array_map(self::cell(...), $row), ',', '"', '', "\r\n");
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** A text that begins like a formula gets a sign before it that spreadsheets show as text; a number stays one. */
    private static function cell(mixed $value): string
    {
        $text = match (true) {
            $value === null => '', is_bool($value) => $value ? '1' : '0', is_scalar($value) => (string) $value,
            default => json_encode($value, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
        };

        return ! is_numeric($text) && preg_match('~^[=+\-@\t\r|%]~', $text) === 1 ? "'$text" : $text;
    }
}

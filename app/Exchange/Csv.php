<?php

declare(strict_types=1);

namespace App\Exchange;

use Hovik\Core\Words\DecimalSign;

/**
 * A file for spreadsheets: UTF-8 with its mark, and nothing that a spreadsheet takes for a formula. Where numbers are written with a
 * comma, cells are parted by semicolons, as spreadsheets there expect.
 */
final class Csv
{
    /**
     * @param  list<string>  $head
     * @param  iterable<array<array-key, mixed>>  $rows  by name, in the head's order
     */
    public static function of(array $head, iterable $rows, DecimalSign $sign = DecimalSign::Point): string
    {
        $file = fopen('php://temp', 'r+');
        if ($file === false) {
            throw new \RuntimeException('There is no memory for a file.');
        }
        $between = $sign === DecimalSign::Comma ? ';' : ',';
        fwrite($file, "\xEF\xBB\xBF");
        fputcsv($file, array_map(self::text(...), $head), $between, '"', '', "\r\n");
        foreach ($rows as $row) {
            fputcsv($file, array_map(static fn (mixed $value): string => self::cell($value, $sign), $row), $between, '"', '', "\r\n");
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    private static function cell(mixed $value, DecimalSign $sign): string
    {
        return match (true) {
            $value === null => '',
            is_bool($value) => $value ? '1' : '0',
            is_float($value) => str_replace('.', $sign->sign(), (string) $value),
            is_scalar($value) => self::text((string) $value),
            default => self::text(json_encode($value, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)),
        };
    }

    /** A text that begins like a formula gets a sign before it that spreadsheets show as text; a number stays one. */
    private static function text(string $text): string
    {
        return ! is_numeric($text) && preg_match('~^\s*[=+\-@\t\r|%]~', $text) === 1 ? "'$text" : $text;
    }
}

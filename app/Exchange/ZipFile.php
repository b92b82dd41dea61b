<?php

declare(strict_types=1);

namespace App\Exchange;

use ZipArchive;

/** A few small files in one. */
final class ZipFile
{
    /** @param  array<string, string>  $files  content by name */
    public static function of(array $files): string
    {
        $path = tempnam(storage_path('framework'), 'zip');
        $zip = new ZipArchive;
        if ($path === false || $zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException('No file can be made here.');
        }
        foreach ($files as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();
        $content = (string) file_get_contents($path);
        unlink($path);

        return $content;
    }
}

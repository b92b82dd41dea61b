<?php

declare(strict_types=1);

namespace App\Photos;

use App\Models\Photo;
use App\Models\StepPicture;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;

/**
 * Where pictures are: files beside the database, on the disk that config/filesystems.php names, so that a district's machines can share
 * them and its database's nodes need not copy them. The row is the truth: a file is written before its row and goes after it, and one
 * without a row is nobody's and is swept away by night.
 */
final class PictureFiles
{
    /** A file may wait so long for its row. */
    private const WAITS_S = 86_400;

    public static function disk(): Filesystem
    {
        return Storage::disk('pictures');
    }

    public static function ofPhoto(int $section, string $id): string
    {
        return self::ofSection($section)."/$id.jpg";
    }

    public static function ofStep(int $kitchen, string $step): string
    {
        return "steps/$kitchen/$step.jpg";
    }

    /** null: the row is there and the file is not, as after a restore of one without the other */
    public static function get(string $path): ?string
    {
        return self::disk()->exists($path) ? self::disk()->get($path) : null;
    }

    /** Of a class that has been erased. */
    public static function forgetSection(int $section): void
    {
        self::disk()->deleteDirectory(self::ofSection($section));
    }

    /** @return int how many files were nobody's */
    public static function sweep(): int
    {
        $photos = Photo::query()->get(['id', 'section_id'])->map(static fn (Photo $one): string => $one->path());
        $steps = StepPicture::query()->get()->map(static fn (StepPicture $one): string => $one->path());
        $known = array_flip([...$photos, ...$steps]);
        $swept = 0;
        foreach (self::disk()->allFiles() as $file) {
            if (! isset($known[$file]) && self::disk()->lastModified($file) < now()->subSeconds(self::WAITS_S)->getTimestamp()) {
                self::disk()->delete($file);
                $swept++;
            }
        }

        return $swept;
    }

    private static function ofSection(int $section): string
    {
        return "photos/$section";
    }
}

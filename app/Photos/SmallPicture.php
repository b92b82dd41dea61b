<?php

declare(strict_types=1);

namespace App\Photos;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;
use Throwable;

/** A picture that came from a device: checked, made small, and written anew, so that nothing is left of where and by what it was taken. */
final class SmallPicture
{
    private const MOST_BYTES = 12_000_000;

    /** More than any school's tablet takes; more would not fit in the server's memory. */
    private const MOST_PIXELS = 16_000_000;

    private const SIDE = 1280;

    private const QUALITY = 80;

    private const KINDS = ['image/jpeg', 'image/png', 'image/webp'];

    /**
     * @param  string  $given  base64
     * @return string JPEG
     *
     * @throws InvalidInput naming `picture`
     */
    public static function of(string $given): string
    {
        $bytes = base64_decode($given, true);
        if ($bytes === false || $bytes === '') {
            throw self::refused('refusal.photo-kind');
        }
        if (strlen($bytes) > self::MOST_BYTES) {
            throw self::refused('refusal.photo-large');
        }
        // What it says of itself is read before any of it is unpacked.
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size['mime'], self::KINDS, true)) {
            throw self::refused('refusal.photo-kind');
        }
        if (array_product([$size[0], $size[1]]) > self::MOST_PIXELS) {
            throw self::refused('refusal.photo-large');
        }
        try {
            return (string) (new ImageManager(new Driver))->read($bytes)->scaleDown(self::SIDE, self::SIDE)
                ->toJpeg(self::QUALITY, strip: true);
        } catch (Throwable) {
            throw self::refused('refusal.photo-kind');
        }
    }

    private static function refused(string $id): InvalidInput
    {
        return InvalidInput::because('picture', Phrase::of($id));
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Photos\PictureFiles;

/**
 * A teacher's own picture of a technique's step; the picture itself is a file ({@see PictureFiles}).
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $step
 */
final class StepPicture extends Model
{
    protected $table = 'step_pictures';

    protected $guarded = [];

    protected static function booted(): void
    {
        self::deleted(static fn (self $picture) => PictureFiles::disk()->delete($picture->path()));
    }

    public function path(): string
    {
        return PictureFiles::ofStep($this->kitchen_id, $this->step);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Period\Storage;
use Hovik\Core\Words\Phrase;

/** A line of a lab that spans two periods. */
final readonly class StoredLine extends View
{
    /** @param  bool  $later  measured in the second period */
    public function __construct(
        public int $place,
        public string $name,
        public Storage $storage,
        public string $how,
        public bool $later,
    ) {
    }

    public static function of(int $place, string $name, Storage $storage, bool $isLater): self
    {
        $shown = $isLater ? Storage::Fresh : $storage;

        return new self($place, $name, $storage, Said::phrase(Phrase::of("storage.$shown->value")), $isLater);
    }
}

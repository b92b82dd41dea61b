<?php

declare(strict_types=1);

namespace App\Weighings;

/** One number of a sheet, as somebody typed it in. */
final readonly class PaperEntry
{
    public function __construct(
        public string $id,
        public int $lineId,
        public int $stationId,
        public int $studentId,
        public int $scaleId,
        public string $grams,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

/** A sheet's own words, in its language: it may be another than the screen's. */
final readonly class SheetWords extends View
{
    public function __construct(
        public string $level,
        public string $heaped,
        public string $shy,
        public string $close,
        public string $marks,
        public string $practise,
        public string $keep_on,
        public string $seen,
        public string $signed,
        public string $of100,
        public string $then,
        public string $more,
    ) {
    }

    public static function now(): self
    {
        $said = static fn (string $id): string => Said::phrase(Phrase::of("sheet.$id"));
        $verdict = static fn (Verdict $one): string => Said::phrase(Phrase::of("verdict.$one->value"));

        return new self(
            $verdict(Verdict::Level), $verdict(Verdict::Heaped), $verdict(Verdict::Shy), $verdict(Verdict::TooClose), $said('marks'),
            $said('practise'), $said('keep-on'), $said('seen'), $said('signed'), $said('of100'), $said('then'), $said('more'),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\LabLine;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

/** The core's phrases, in the language of the one who asked. */
final class Said
{
    public static function phrase(Phrase $phrase): string
    {
        return self::book()->say($phrase);
    }

    /** @param  array<array-key, mixed>  $frozen a phrase as stored */
    public static function frozen(array $frozen): string
    {
        return self::phrase(Phrase::fromArray($frozen));
    }

    public static function ingredient(string $id): string
    {
        return self::phrase(Phrase::of("ingredient.$id"));
    }

    /** As the recipe says it: `1 3/4 cups`, `1/6 cup`. */
    public static function amount(LabLine $line): string
    {
        return self::phrase(Phrase::of('working.amount', ['amount' => $line->saidAmount()]));
    }

    /**
     * A step's words; the family or the method may have its own.
     *
     * @return array{text: string, why: string}
     */
    public static function step(string $step, LabLine $line): array
    {
        return self::stepOf($step, $line->method, $line->family);
    }

    /** @return array{text: string, why: string} */
    public static function stepOf(string $step, ?string $method, string $family): array
    {
        $book = self::book();

        return [
            'text' => $book->firstOf("step.$step.$method", "step.$step.$family", "step.$step"),
            'why' => $book->firstOf("step.$step.why"),
        ];
    }

    private static function book(): Phrasebook
    {
        return Phrasebook::in(app()->getLocale());
    }
}

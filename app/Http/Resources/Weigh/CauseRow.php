<?php

declare(strict_types=1);

namespace App\Http\Resources\Weigh;

use App\Words\Said;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Diagnosis\LikelyCause;
use Hovik\Core\Words\Phrase;
use OpenApi\Attributes as OA;

/** One cause as a screen shows it. */
#[OA\Schema(schema: 'CauseRow', required: ['id', 'said', 'likely', 'p', 'range', 'tell', 'next', 'guessed'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'likely', type: 'string'),
    new OA\Property(property: 'p', type: 'number', description: '0 to 1; for the bar.'), new OA\Property(property: 'range', type: 'string', example: '216 to 279 g'),
    new OA\Property(property: 'tell', type: 'string'), new OA\Property(property: 'next', type: 'string'), new OA\Property(property: 'guessed', type: 'boolean'),
])]
final class CauseRow
{
    /**
     * @param  array{cause: string, with: string|null, p: float, low: float, high: float, way: array<string, mixed>|null}  $stored
     * @param  int  $places  decimals of its range
     * @return array<string, mixed>
     */
    public static function of(array $stored, int $places, ?string $guess = null): array
    {
        $cause = Cause::from($stored['cause']);
        $with = $stored['with'] === null ? null : Cause::from($stored['with']);

        return [
            'id' => $cause->value,
            'said' => Said::phrase(LikelyCause::sentence($cause, $with, $stored['way'] === null ? null : Phrase::fromArray($stored['way']))),
            'likely' => Said::phrase(LikelyCause::wordFor($stored['p'])),
            'p' => $stored['p'],
            'range' => Said::phrase(LikelyCause::rangeInWords($stored['low'], $stored['high'], $places)),
            'tell' => Said::phrase($cause->tell()),
            'next' => Said::phrase($cause->next()),
            'guessed' => $guess === $cause->value,
        ];
    }

    /** @return array{said: string, next: string} where no usual slip gives this weight */
    public static function none(): array
    {
        return ['said' => Said::phrase(Phrase::of('cause.none')), 'next' => Said::phrase(Phrase::of('cause.none.next'))];
    }
}

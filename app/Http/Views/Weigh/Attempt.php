<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\Lab\BoardWeighing;
use App\Http\Views\View;
use App\Labs\LabLog;
use App\Models\Lab;

final readonly class Attempt extends View
{
    /**
     * @param  'level'|'heaped'|'shy'|'too-close'  $verdict
     * @param  'teacher'|'student'|null  $put_right  it stands for a wrong entry, which this one corrected
     * @param  float  $tolerances  the error in tolerances, signed; for drawing
     */
    public function __construct(
        public string $id,
        public int $attempt,
        public string $verdict,
        public float $tolerances,
        public string $student,
        public float $grams,
        public int $decimals,
        public bool $corrected,
        public ?string $put_right,
    ) {
    }

    /**
     * The same, of weighings that are at hand.
     *
     * @param  list<BoardWeighing>  $weighings  of a station
     * @return array<int, list<self>> by line
     */
    public static function ofBoard(array $weighings): array
    {
        $byLine = [];
        foreach ($weighings as $one) {
            $byLine[$one->line_id][] = new self(
                $one->id, $one->attempt, $one->verdict, $one->tolerances, $one->student, $one->grams, $one->decimals, $one->corrected,
                $one->put_right,
            );
        }

        return $byLine;
    }

    /**
     * @param  LabLog  $log  of a station
     * @return array<int, list<self>> by line
     */
    public static function byLine(Lab $lab, LabLog $log): array
    {
        return self::ofBoard(BoardWeighing::all($log, $lab));
    }
}

<?php

declare(strict_types=1);

namespace App\Weighings;

use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Scale;
use App\Models\Station;
use App\Models\Student;
use Hovik\Core\InvalidInput;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ScaleReading;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Weigh-ins of a room without devices, typed in from paper: judged while they are typed, stored all at once or not at all. */
final readonly class PaperSheet
{
    /** @param  list<array{id: string, line_id: int, station_id: int, student_id: int, scale_id: int, grams: string}>  $entries */
    public function __construct(private Lab $lab, private array $entries)
    {
    }

    /** @return list<array{id: string, verdict: string|null, error_g: float|null, tolerances: float|null, problem: string|null}> */
    public function judged(): array
    {
        return array_map(function (array $entry): array {
            try {
                ['line' => $line, 'reading' => $reading] = $this->read($entry);
                $judgement = Judge::judge($line->target(), $reading, $line->expected());

                return ['id' => $entry['id'], 'verdict' => $judgement->verdict->value, 'error_g' => $judgement->errorG, 'tolerances' => $line->target()->inTolerances($judgement->errorG), 'problem' => null];
            } catch (InvalidInput $problem) {
                return ['id' => $entry['id'], 'verdict' => null, 'error_g' => null, 'tolerances' => null, 'problem' => self::said($problem)];
            }
        }, $this->entries);
    }

    /** The first that cannot be is refused by its place; then none is stored. */
    public function store(RecordWeighing $recording): void
    {
        DB::transaction(function () use ($recording): void {
            foreach ($this->entries as $i => $entry) {
                try {
                    ['line' => $line, 'station' => $station, 'student' => $student, 'scale' => $scale, 'reading' => $reading] = $this->read($entry);
                } catch (InvalidInput $problem) {
                    throw ValidationException::withMessages(["entries.$i.grams" => [self::said($problem)]]);
                }
                $recording->record($entry['id'], $line, $station, $student, $scale, $reading, [], ['source' => 'paper']);
            }
        });
    }

    /**
     * @param  array{id: string, line_id: int, station_id: int, student_id: int, scale_id: int, grams: string}  $entry
     * @return array{line: LabLine, station: Station, student: Student, scale: Scale, reading: ScaleReading}
     *
     * @throws InvalidInput
     */
    private function read(array $entry): array
    {
        $section = $this->lab->section;
        $line = $this->lab->lines->find($entry['line_id']) ?? throw new InvalidInput('line_id', __('refusals.no_such_line'));
        $station = $section->stations->find($entry['station_id']) ?? throw new InvalidInput('station_id', __('refusals.no_such_station'));
        $student = $section->students->find($entry['student_id']);
        if ($student?->station_id !== $station->id) {
            throw new InvalidInput('student_id', __('refusals.not_at_station'));
        }
        $scale = $section->kitchen->scales->find($entry['scale_id']) ?? throw new InvalidInput('scale_id', __('refusals.no_such_scale'));
        if (preg_match('/^\d{1,6}(\.\d{1,6})?$/', $entry['grams']) !== 1) {
            throw new InvalidInput('grams', __('validation.numeric'));
        }

        return ['line' => $line, 'station' => $station, 'student' => $student, 'scale' => $scale, 'reading' => ScaleReading::fromDisplay((float) $entry['grams'], $scale->toCore())];
    }

    private static function said(InvalidInput $problem): string
    {
        return $problem->phrase === null ? $problem->getMessage() : \App\Words\Said::phrase($problem->phrase);
    }
}

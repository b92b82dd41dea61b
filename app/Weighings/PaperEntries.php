<?php

declare(strict_types=1);

namespace App\Weighings;

use App\Http\Views\Lab\PaperVerdict;
use App\Models\Lab;
use App\Words\Said;
use Hovik\Core\InvalidInput;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ReadingSource;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\DB;

/** Weigh-ins of a room without devices, typed in from paper: judged while they are typed, stored all at once or not at all. */
final readonly class PaperEntries
{
    /** @param  list<PaperEntry>  $entries */
    public function __construct(private Lab $lab, private array $entries)
    {
    }

    /** @return list<PaperVerdict> */
    public function judged(): array
    {
        return array_map(function (PaperEntry $entry): PaperVerdict {
            try {
                $weighIn = $this->read($entry);

                $line = $weighIn->line->measuredBy(null, $weighIn->station);

                return PaperVerdict::of($entry->id, Judge::judge($weighIn->line->target(), $weighIn->reading, $line->expectedG()));
            } catch (InvalidInput $problem) {
                return PaperVerdict::problem($entry->id, Said::phrase($problem->phrase));
            }
        }, $this->entries);
    }

    /** The first that cannot be is refused by its place; then none is stored. */
    public function store(RecordWeighing $recording): void
    {
        DB::transaction(function () use ($recording): void {
            foreach ($this->entries as $i => $entry) {
                try {
                    $weighIn = $this->read($entry);
                } catch (InvalidInput $problem) {
                    throw InvalidInput::because("entries.$i.grams", $problem->phrase);
                }
                $recording->record($weighIn);
            }
        });
    }

    /** @throws InvalidInput naming the field */
    private function read(PaperEntry $entry): WeighIn
    {
        $section = $this->lab->section;
        $line = $this->lab->weighedLines()->find($entry->lineId)
                ?? throw InvalidInput::because('line_id', Phrase::of('refusal.no-such-line'));
        $station = $section->stations->find($entry->stationId)
                ?? throw InvalidInput::because('station_id', Phrase::of('refusal.no-such-station'));
        if (! $line->isAt($station->id)) {
            throw InvalidInput::because('line_id', Phrase::of('refusal.not-here'));
        }
        $student = $section->students->find($entry->studentId);
        if ($student?->station_id !== $station->id) {
            throw InvalidInput::because('student_id', Phrase::of('refusal.not-at-station'));
        }
        $scale = $section->kitchen->scales->find($entry->scaleId)
                ?? throw InvalidInput::because('scale_id', Phrase::of('refusal.no-such-scale'));
        if (preg_match('/^\d{1,6}(\.\d{1,6})?$/', $entry->grams) !== 1) {
            throw InvalidInput::because('grams', Phrase::of('refusal.digits'));
        }
        $reading = ScaleReading::fromDisplay((float) $entry->grams, $scale->toCore());

        return new WeighIn($entry->id, $line, $station, $student, $scale, $reading, source: ReadingSource::Paper);
    }
}

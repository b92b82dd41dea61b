<?php

declare(strict_types=1);

namespace App\Weighings;

use App\Models\Bake;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Station;
use App\Models\Weighing;
use Hovik\Core\Bake\Fault;
use Hovik\Core\Bake\Suspects;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Words\Phrase;

/** How a station's bake came out, and which of its own weights could have led there. */
final readonly class BakeReport
{
    /**
     * @param  list<Fault>  $faults  as logged
     * @param  list<array{weighing: Weighing, said: Phrase}>  $suspects  most suspect first
     */
    private function __construct(public Lab $lab, public array $faults, public array $suspects)
    {
    }

    /** The lab whose bake a station can log now: the open one, or the last that was closed. */
    public static function labOf(Station $station): ?Lab
    {
        return $station->labNow()
                ?? Lab::query()->where('section_id', $station->section_id)->where('state', LabState::Closed)->latest('closed_at')->first();
    }

    public static function of(Lab $lab, Station $station): self
    {
        $logged = Bake::query()->where('lab_id', $lab->id)->where('station_id', $station->id)->orderBy('id')->pluck('fault')->all();
        $faults = array_values(array_filter($logged, static fn (mixed $fault): bool => $fault instanceof Fault));
        $weighings = self::inTheBowl($lab, $station);
        $told = array_map(static fn (Weighing $weighing): array => [
            'ingredient' => $weighing->line->frozen->food->ingredient,
            'error_g' => (float) $weighing->error_g,
            'tolerances' => $weighing->judgement->inTolerances(),
            'verdict' => $weighing->verdict,
        ], $weighings);
        $scores = [];
        foreach ($faults as $fault) {
            foreach (Suspects::of($fault, $told) as $suspect) {
                $before = $scores[$suspect['index']]['score'] ?? 0.0;
                $scores[$suspect['index']] = ['score' => $before + $suspect['score'], 'said' => $suspect['said']];
            }
        }
        uasort($scores, static fn (array $a, array $b): int => $b['score'] <=> $a['score']);

        return new self(
            $lab, $faults,
            array_map(
                static fn (int $index, array $one): array => ['weighing' => $weighings[$index], 'said' => $one['said']],
                array_keys($scores), $scores,
            ),
        );
    }

    /** @return list<Weighing> the last of each line: that one went into the bowl */
    private static function inTheBowl(Lab $lab, Station $station): array
    {
        $lab->load(['lines.weighings' => fn ($query) => $query->where('station_id', $station->id)]);

        return array_values(
            $lab->lines->map(fn (LabLine $line): ?Weighing => $line->weighings->last()?->setRelation('line', $line))
                ->filter()->all(),
        );
    }
}

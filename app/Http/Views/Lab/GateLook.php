<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Labs\LabLog;
use App\Labs\ScalesFit;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Scale;
use App\Models\Station;
use App\Models\Weighing;
use App\Weighings\Diagnose;
use App\Words\Said;
use Hovik\Core\Bake\Consequence;
use Hovik\Core\Diagnosis\KeptCause;
use Hovik\Core\Lab\GateLine;
use Hovik\Core\Lab\GateWhy;
use Hovik\Core\Lab\StationState;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Weighing\ReadingSource;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;
use Illuminate\Database\Eloquent\Collection;

/** What a teacher sees of a station before it mixes: what wants a look first, then what is fine, and what mixing now would mean. */
final readonly class GateLook extends View
{
    /**
     * @param  list<GateRow>  $rows  in the order to look at them
     * @param  list<int>  $fine  lines that are Level, or accepted
     * @param  list<int>  $open  lines that the dough would have wrong, or not at all
     * @param  string|null  $still  those in words; null: nothing is open
     * @param  list<string>  $consequences  what that does to the bake
     */
    public function __construct(
        public array $rows,
        public array $fine,
        public array $open,
        public ?string $still,
        public array $consequences,
    ) {
    }

    /** So many sentences on the bake: the worst ones. */
    private const CONSEQUENCES = 2;

    public static function of(Lab $lab, Station $station, Diagnose $diagnosing): self
    {
        $log = LabLog::of($lab, $station);
        $state = $log->states()[$station->id] ?? StationState::after([]);
        $lines = $lab->weighedLines($station);
        $last = self::last($lab, $log);
        $all = array_values($lines->map(static function (LabLine $line) use ($state, $last): GateLine {
            $weighing = $last->get($line->id);
            $why = isset($state->checked[$line->id]) ? null : GateWhy::of(
                $weighing?->verdict, $weighing?->scale_checked === true, $weighing?->source === ReadingSource::Practice,
                isset($state->foreign[$line->id]), isset($state->sentBack[$line->id]),
            );

            return new GateLine($line->id, $why, $weighing === null ? 0.0 : $weighing->judgement->inTolerances());
        })->all());
        $look = GateLine::toLookAt($all);
        $open = array_values(array_filter($look, static fn (GateLine $one): bool => $one->why?->isOpen() === true));
        $lineOf = $lines->keyBy('id');
        $fits = ScalesFit::of($lab);

        return new self(
            rows: array_map(static fn (GateLine $one): GateRow => self::row(
                $lineOf->get($one->line) ?? $lab->lines->findOrFail($one->line), $one->why ?? GateWhy::Miss, $last->get($one->line),
                $diagnosing, $lab, $fits,
            ), $look),
            fine: array_column(array_filter($all, static fn (GateLine $one): bool => $one->why === null), 'line'),
            open: array_column($open, 'line'),
            still: $open === [] ? null : Said::phrase(Phrase::of('gate.still', ['what' => self::inShort($open, $lineOf, $last)])),
            consequences: self::consequences($open, $lineOf, $last),
        );
    }

    /** @return Collection<int, Weighing> that counts, by line */
    private static function last(Lab $lab, LabLog $log): Collection
    {
        $ids = [];
        foreach (BoardWeighing::all($log, $lab) as $one) {
            if (! $one->corrected) {
                $ids[$one->line_id] = $one->id;
            }
        }

        return Weighing::query()->with(['scale', 'student', 'station'])->findMany($ids)->keyBy('lab_line_id');
    }

    /** @param  array<int, array<int, \Hovik\Core\Weighing\ScaleFitness>>  $fits */
    private static function row(
        LabLine $line, GateWhy $why, ?Weighing $weighing, Diagnose $diagnosing, Lab $lab, array $fits,
    ): GateRow {
        $line->setRelation('lab', $lab);
        $weighing?->setRelation('line', $line);
        $cause = $why === GateWhy::Miss && $weighing !== null ? $diagnosing->of($weighing)->causes[0] ?? null : null;
        $best = $why === GateWhy::TooClose ? ScalesFit::best($fits[$line->id] ?? []) : null;

        return new GateRow(
            line_id: $line->id,
            why: $why,
            cause: $cause instanceof KeptCause ? Said::phrase($cause->said()) : null,
            tell: $cause instanceof KeptCause ? Said::phrase($cause->cause->tell($cause->isTicked)) : null,
            finer: $best === null || $best === $weighing?->scale_id ? null : Scale::query()->find($best)?->name,
            reason: Said::phrase(Phrase::of("gate.reason.$why->value", ['off' => self::off($weighing)])),
        );
    }

    private static function off(?Weighing $weighing): Phrase
    {
        $error = $weighing === null ? 0.0 : (float) $weighing->error_g;

        return Phrase::of($error < 0 ? 'gate.under' : 'gate.over', ['grams' => ShownGrams::of(abs($error))]);
    }

    /**
     * Misses one by one, the rest by why.
     *
     * @param  list<GateLine>  $open
     * @param  Collection<int, LabLine>  $lines
     * @param  Collection<int, Weighing>  $last
     * @return list<Phrase>
     */
    private static function inShort(array $open, Collection $lines, Collection $last): array
    {
        $said = [];
        $rest = [];
        foreach ($open as $one) {
            $food = Phrase::of('ingredient.'.($lines->get($one->line)->ingredient_id ?? ''));
            if ($one->why === GateWhy::Miss) {
                $said[] = Phrase::of('gate.off', ['food' => $food, 'off' => self::off($last->get($one->line))]);
            } else {
                $rest[$one->why->value ?? ''][] = $food;
            }
        }
        foreach ($rest as $why => $foods) {
            $said[] = Phrase::of("gate.short.$why", ['food' => $foods]);
        }

        return $said;
    }

    /**
     * @param  list<GateLine>  $open
     * @param  Collection<int, LabLine>  $lines
     * @param  Collection<int, Weighing>  $last
     * @return list<string>
     */
    private static function consequences(array $open, Collection $lines, Collection $last): array
    {
        $said = [];
        foreach ($open as $one) {
            $role = $lines->get($one->line)?->frozen->food->ingredient->role;
            $phrase = $role === null ? null : Consequence::of($role, $last->get($one->line)->verdict ?? Verdict::Level);
            if ($phrase !== null) {
                $said[] = Said::phrase($phrase);
            }
        }

        return array_slice(array_values(array_unique($said)), 0, self::CONSEQUENCES);
    }
}

<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\Diagnosis;
use App\Models\Lab;
use App\Models\LabEvent;
use App\Models\Student;
use App\Models\TermWeighing as KeptWeighing;
use App\Models\Weighing;
use App\Weighings\CountedWeighings;
use Hovik\Core\Lab\EventKind;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Review\Cell;
use Hovik\Core\Review\Growth;
use Hovik\Core\Review\Helped;
use Hovik\Core\Review\Reteach;
use Hovik\Core\Review\TermRow;
use Hovik\Core\Review\TermWeighing;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Verdict;
use Illuminate\Support\Collection;

/** One student over a term, or in one lab: every weighing with all that is known of it, and what it comes to by family. */
final readonly class StudentReview
{
    /**
     * @param  Collection<int, ReviewedWeighing>  $weighings  oldest first
     * @param  array<string, Cell>  $cells  by family; only what was measured
     */
    private function __construct(public Student $student, public Collection $weighings, public array $cells)
    {
    }

    public static function of(Student $student, KeepTerm $keeping, ?Lab $lab = null): self
    {
        $keeping->of($student->section);
        $weighings = CountedWeighings::ofStudent($student, $lab);
        $ids = $weighings->modelKeys();
        $kept = KeptWeighing::query()->whereKey($ids)->get()->keyBy('weighing_id');
        $causes = Diagnosis::query()->whereKey($ids)->get()->keyBy('weighing_id');
        $seen = self::seen($weighings);
        $nth = [];
        $reviewed = $weighings->map(static function (Weighing $one) use ($kept, $causes, $seen, &$nth): ReviewedWeighing {
            $key = "$one->lab_line_id $one->station_id";
            $nth[$key] = ($nth[$key] ?? 0) + 1;

            return new ReviewedWeighing($one, $kept[$one->id] ?? null, $causes[$one->id]->cause ?? null, $seen[$key] ?? [], $nth[$key]);
        });
        $cells = $rows = [];
        foreach ($reviewed as $one) {
            if ($one->kept !== null) {
                $rows[$one->kept->family][] = self::row($one, $one->kept);
            }
        }
        foreach (Family::cases() as $family) {
            if (isset($rows[$family->value])) {
                $cells[$family->value] = Cell::of($rows[$family->value]);
            }
        }

        return new self($student, $reviewed, $cells);
    }

    /** @return array{lines: int, first: int, best: int} how often it was Level, of what was measured */
    public function level(): array
    {
        return [
            'lines' => array_sum(array_column($this->cells, 'lines')), 'first' => array_sum(array_column($this->cells, 'levelFirst')),
            'best' => array_sum(array_column($this->cells, 'levelBest')),
        ];
    }

    public function growth(string $family): ?Growth
    {
        return Growth::of(array_values($this->inFamily($family)->filter(static fn (ReviewedWeighing $one): bool => $one->nth === 1)
            ->map(static fn (ReviewedWeighing $one): TermWeighing => $one->said())->all()));
    }

    public function helped(string $family): ?Helped
    {
        return Helped::of(array_values($this->inFamily($family)->map(static fn (ReviewedWeighing $one): array => [
            'done' => $one->done(), 'missed' => $one->missed(), 'level' => $one->weighing->verdict === Verdict::Level,
        ])->all()));
    }

    /** The one thing that would bring most; null where everything is steady, or too little is known. */
    public function next(): ?Reteach
    {
        $rows = array_values($this->weighings->filter(static fn (ReviewedWeighing $one): bool => $one->kept !== null)
            ->map(fn (ReviewedWeighing $one): TermRow => self::row($one, $one->kept ?? new KeptWeighing))->all());

        return Reteach::most([$this->student->id => $this->cells], $rows)[0] ?? null;
    }

    /** @return array<string, array{int, int}> steps seen done, and of how many looked at, by step */
    public function seenSteps(): array
    {
        $steps = [];
        foreach ($this->weighings as $one) {
            foreach ($one->nth === 1 ? $one->seen : [] as $step => $seen) {
                $before = $steps[$step] ?? [0, 0];
                $steps[$step] = [$before[0] + (int) ($seen === 'done'), $before[1] + 1];
            }
        }

        return $steps;
    }

    /** @return Collection<int, ReviewedWeighing> */
    private function inFamily(string $family): Collection
    {
        return $this->weighings->filter(static fn (ReviewedWeighing $one): bool => $one->kept?->family === $family)->values();
    }

    private static function row(ReviewedWeighing $one, KeptWeighing $kept): TermRow
    {
        return new TermRow(
            $kept->student_id, Family::from($kept->family), $kept->lab_line_id, $kept->nth, $kept->is_best, $one->said(),
            $one->weighing->verdict, $one->cause,
        );
    }

    /**
     * @param  Collection<int, Weighing>  $weighings
     * @return array<string, array<string, string>> done or not-done by step, by line and station
     */
    private static function seen(Collection $weighings): array
    {
        $seen = [];
        $lines = $weighings->pluck('lab_line_id')->unique();
        foreach (LabEvent::query()->whereIn('lab_line_id', $lines)->where('kind', EventKind::Seen)->orderBy('received_at')->orderBy('id')
            ->get() as $event) {
            $step = $event->detail['step'] ?? '';
            if (Step::tryFrom((string) $step) !== null) {
                $seen["$event->lab_line_id $event->station_id"][(string) $step] = (string) ($event->detail['seen'] ?? '');
            }
        }

        return array_map(static fn (array $steps): array => array_filter(
            $steps, static fn (string $one): bool => $one !== 'unseen',
        ), $seen);
    }
}

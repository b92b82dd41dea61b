<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/** What a criterion comes to for one student, and what it came from. */
final readonly class CriterionMark
{
    /**
     * @param  int|null  $workedOut  points, whole, half up; null: nothing was seen
     * @param  list<LineMark>  $lines
     */
    private function __construct(
        public Criterion $criterion, public ?int $workedOut, public ?Override $override, public Phrase $because, public array $lines,
    ) {
    }

    public static function of(Criterion $criterion, Evidence $evidence, ?Override $override = null): self
    {
        return match ($criterion->kind) {
            CriterionKind::Process => self::byLines($criterion, $evidence, $override, self::steps(...)),
            CriterionKind::Accuracy => self::byLines($criterion, $evidence, $override, self::tries(...)),
            CriterionKind::HandingIn => self::byOne($criterion, $override, $evidence->daysLate, static fn (int $days): Phrase => Phrase::of(
                'mark.because.late', ['count' => $days],
            )),
            CriterionKind::CleanUp => self::byOne(
                $criterion, $override, $evidence->cleaned === null
                    ? null : intdiv(200 * $evidence->cleaned[0] + $evidence->cleaned[1], 2 * $evidence->cleaned[1]),
                static fn (): Phrase => Phrase::of(
                    'mark.because.clean', ['done' => $evidence->cleaned[0] ?? 0, 'all' => $evidence->cleaned[1] ?? 0],
                ),
            ),
            CriterionKind::Teamwork => self::byOne(
                $criterion, $override, $evidence->levels[$criterion->id] ?? null,
                static fn (int $level): Phrase => Phrase::of('mark.because.level', ['level' => $level]),
            ),
        };
    }

    /** The teacher's, else those worked out; null where there are neither. */
    public function points(): ?int
    {
        return $this->override->points ?? $this->workedOut;
    }

    /** Somebody said what to do better before the try that counts most. */
    public function isCoached(): bool
    {
        return array_filter($this->lines, static fn (LineMark $one): bool => $one->line->best()->isCoached ?? false) !== [];
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'criterion' => $this->criterion->toArray(), 'worked_out' => $this->workedOut, 'override' => $this->override?->toArray(),
            'because' => $this->because->toArray(), 'lines' => array_map(static fn (LineMark $one): array => $one->toArray(), $this->lines),
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        $criterion = Criterion::fromArray($stored->object('criterion'), '');
        $given = $stored->has('override') ? $stored->object('override') : null;

        return new self(
            $criterion, $stored->has('worked_out') ? $stored->whole('worked_out') : null,
            $given === null ? null : Override::of($criterion->weight, $given->whole('points'), $given->text('reason')),
            Phrase::fromArray($stored->listOrMap('because')), array_map(LineMark::fromArray(...), $stored->objects('lines')),
        );
    }

    /** @param  callable(Criterion, LineEvidence): (array{BigRational, Phrase}|null)  $score  % exact, and why; null: nothing was seen */
    private static function byLines(Criterion $criterion, Evidence $evidence, ?Override $override, callable $score): self
    {
        $lines = [];
        $sum = BigRational::zero();
        foreach ($evidence->lines as $line) {
            $one = $criterion->looksAt($line->family) ? $score($criterion, $line) : null;
            if ($one !== null) {
                $sum = $sum->plus($one[0]);
                $lines[] = new LineMark($line, $one[0]->toScale(0, RoundingMode::HALF_UP)->toInt(), $one[1]);
            }
        }
        if ($lines === []) {
            return self::unseen($criterion, $override);
        }
        $mean = $sum->dividedBy(count($lines));
        $points = $mean->multipliedBy($criterion->weight)->dividedBy(100)->toScale(0, RoundingMode::HALF_UP)->toInt();

        return new self($criterion, $points, $override, Phrase::of('mark.because.mean', [
            'points' => $points, 'of' => $criterion->weight, 'percent' => $mean->toScale(0, RoundingMode::HALF_UP)->toInt(),
            'count' => count($lines),
        ]), $lines);
    }

    /** @return array{BigRational, Phrase}|null */
    private static function steps(Criterion $criterion, LineEvidence $line): ?array
    {
        $percent = $line->stepsPct();

        return $percent === null ? null : [BigRational::of($criterion->score($percent)), Phrase::of('mark.because.steps', [
            'done' => count($line->done), 'all' => count($line->done) + count($line->missed),
        ])];
    }

    /** @return array{BigRational, Phrase}|null */
    private static function tries(Criterion $criterion, LineEvidence $line): ?array
    {
        [$first, $best] = [$line->first(), $line->best()];
        if ($first === null || $best === null) {
            return null;
        }
        $ofFirst = $criterion->score($first->offPct());
        $ofBest = $criterion->score($best->offPct());
        $score = BigRational::of($criterion->firstShare * $ofFirst + (100 - $criterion->firstShare) * $ofBest)->dividedBy(100);

        return [$score, Phrase::of($criterion->firstShare === 100 || count($line->tries) === 1 ? 'mark.because.first' : (
            $best->isCoached ? 'mark.because.coached' : 'mark.because.tries'
        ), ['first' => $ofFirst, 'best' => $ofBest])];
    }

    /** @param  callable(int): Phrase  $because */
    private static function byOne(Criterion $criterion, ?Override $override, ?int $value, callable $because): self
    {
        if ($value === null) {
            return self::unseen($criterion, $override);
        }
        $points = BigRational::of($criterion->score($value) * $criterion->weight)->dividedBy(100);

        return new self($criterion, $points->toScale(0, RoundingMode::HALF_UP)->toInt(), $override, $because($value), []);
    }

    private static function unseen(Criterion $criterion, ?Override $override): self
    {
        return new self($criterion, null, $override, Phrase::of('mark.because.unseen'), []);
    }
}

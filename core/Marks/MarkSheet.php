<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/**
 * A student's mark in a lab: points by criterion, and what each came from. A criterion of which nothing was seen is left out, and the rest
 * counts for all. Stored as it was accepted, it never changes by itself.
 */
final readonly class MarkSheet
{
    /** @param  list<CriterionMark>  $criteria */
    private function __construct(public Attendance $attendance, public array $criteria)
    {
    }

    /**
     * @param  array<string, Override>  $overrides  by id of the criterion
     *
     * @throws InvalidInput for an override of a criterion that there is not
     */
    public static function of(Rubric $rubric, Evidence $evidence, array $overrides = []): self
    {
        $unknown = array_diff(array_keys($overrides), array_column($rubric->criteria, 'id'));
        if ($unknown !== []) {
            throw InvalidInput::because('overrides', Phrase::of('refusal.no-such', ['id' => implode(', ', $unknown)]));
        }

        return new self($evidence->attendance, $evidence->attendance !== Attendance::Here ? [] : array_map(
            static fn (Criterion $one): CriterionMark => CriterionMark::of($one, $evidence, $overrides[$one->id] ?? null),
            $rubric->criteria,
        ));
    }

    /** Of 100, whole, half up; null where nothing is to be marked. */
    public function score(): ?int
    {
        $points = $of = 0;
        foreach ($this->criteria as $one) {
            if ($one->points() !== null) {
                $points += $one->points();
                $of += $one->criterion->weight;
            }
        }

        return $of === 0 ? null : BigRational::of(100 * $points)->dividedBy($of)->toScale(0, RoundingMode::HALF_UP)->toInt();
    }

    /** @return list<CriterionMark> of which nothing was seen, and nothing was given */
    public function open(): array
    {
        return array_values(array_filter($this->criteria, static fn (CriterionMark $one): bool => $one->points() === null));
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'attendance' => $this->attendance->value,
            'criteria' => array_map(static fn (CriterionMark $one): array => $one->toArray(), $this->criteria),
        ];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->enum('attendance', Attendance::class), array_map(CriterionMark::fromArray(...), $stored->objects('criteria')),
        );
    }
}

<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

use Hovik\Core\Words\Phrase;

/** Rubrics that are ready; all of them may be edited. Words: `rubric.ID`. */
enum RubricTemplate: string
{
    /** Technique, accuracy, tidy and on time. */
    case FourParts = 'four-parts';

    case Quick = 'quick';

    /** First tries only. */
    case Exam = 'exam';

    case Together = 'together';

    /** @param  string  $name  as the one who uses it reads it */
    public function rubric(string $name): Rubric
    {
        $of = static fn (CriterionKind $kind, int $weight, int $first = Criterion::FIRST_SHARE): Criterion => Criterion::of(
            $kind->value, $kind, $weight, firstShare: $first,
        );

        return Rubric::of($name, match ($this) {
            self::FourParts => [
                $of(CriterionKind::Process, 40), $of(CriterionKind::Accuracy, 40), $of(CriterionKind::HandingIn, 10),
                $of(CriterionKind::CleanUp, 10),
            ],
            self::Quick => [$of(CriterionKind::Process, 50), $of(CriterionKind::Accuracy, 50)],
            self::Exam => [$of(CriterionKind::Process, 30), $of(CriterionKind::Accuracy, 70, 100)],
            self::Together => [
                $of(CriterionKind::Process, 30), $of(CriterionKind::Accuracy, 30), $of(CriterionKind::Teamwork, 20),
                $of(CriterionKind::CleanUp, 20),
            ],
        });
    }

    public function said(): Phrase
    {
        return Phrase::of("rubric.{$this->value}");
    }
}

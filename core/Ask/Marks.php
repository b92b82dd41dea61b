<?php

declare(strict_types=1);

namespace Hovik\Core\Ask;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Marks\Criterion;
use Hovik\Core\Marks\CriterionMark;
use Hovik\Core\Marks\Evidence;
use Hovik\Core\Marks\LineMark;
use Hovik\Core\Marks\MarkSheet;
use Hovik\Core\Marks\Override;
use Hovik\Core\Marks\Rubric;
use Hovik\Core\Marks\RubricTemplate;
use Hovik\Core\Words\Phrase;

/** `mark` */
final class Marks
{
    /** @return array<string, mixed> */
    public static function of(JsonInput $given): array
    {
        $rubric = is_string($given->anything('rubric'))
            ? $given->enum('rubric', RubricTemplate::class)->rubric($given->text('rubric'))
            : Rubric::fromArray($given->object('rubric'));
        $evidence = Evidence::fromArray($given->has('evidence') ? $given->object('evidence') : new JsonInput([]));
        $sheet = MarkSheet::of($rubric, $evidence, self::overrides($given, $rubric));

        return [
            'score_pct' => $sheet->score(),
            'attendance' => $sheet->attendance->value,
            'criteria' => array_map(static fn (CriterionMark $one): array => [
                'id' => $one->criterion->id, 'points' => $one->points(), 'of' => $one->criterion->weight,
                'because' => Ask::english($one->because), 'worked_out' => $one->workedOut, 'reason' => $one->override?->reason,
                'coached' => $one->isCoached(),
                'lines' => array_map(static fn (LineMark $line): array => [
                    'id' => $line->line->id, 'score' => $line->score, 'because' => Ask::english($line->because),
                ], $one->lines),
            ], $sheet->criteria),
            'unusual' => array_map(static fn (Criterion $one): string => $one->id, $rubric->unusual()),
        ];
    }

    /** @return array<string, Override> */
    private static function overrides(JsonInput $given, Rubric $rubric): array
    {
        $overrides = [];
        $criteria = array_column($rubric->criteria, null, 'id');
        $map = new JsonInput($given->listOrMap('overrides'), 'overrides.');
        foreach (array_keys($given->listOrMap('overrides')) as $id) {
            $one = $map->object((string) $id);
            $criterion = $criteria[$id]
                ?? throw InvalidInput::because("overrides.$id", Phrase::of('refusal.no-such', ['id' => (string) $id]));
            $overrides[(string) $id] = Override::of(
                $criterion->weight, $one->whole('points'), $one->text('reason'), "overrides.$id.",
            );
        }

        return $overrides;
    }
}

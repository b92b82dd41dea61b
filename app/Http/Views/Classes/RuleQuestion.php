<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;
use App\Labs\WeighingGaps;
use App\Models\Section;
use App\Words\Said;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\MethodEffect;
use Hovik\Core\Words\Phrase;

final readonly class RuleQuestion extends View
{
    /**
     * @param  list<RuleAnswer>  $answers
     * @param  string|null  $note  what the class's own labs say about it
     */
    public function __construct(
        public string $id,
        public string $text,
        public array $answers,
        public ?string $note,
    ) {
    }

    public static function of(string $question, Section $section): self
    {
        $settled = $section->houseRules()->answer($question);
        $pantry = $section->kitchen->pantry();

        $answers = array_map(static fn (string $answer): RuleAnswer => new RuleAnswer(
            id: $answer,
            text: Said::phrase(MethodEffect::ofAnswer($question, $answer, $section->standard, $pantry)),
            chosen: $answer === $settled,
        ), HouseRules::QUESTIONS[$question]);

        return new self(
            $question, Said::phrase(Phrase::of("school.$question")), $answers, $question === 'measure-by' ? self::times($section) : null,
        );
    }

    /** How long each way takes this class. */
    private static function times(Section $section): ?string
    {
        $gaps = WeighingGaps::of($section);
        $known = array_filter(['with-tools' => $gaps->withToolsS(), 'weighed-out' => $gaps->weighedOutS()], is_int(...));
        $said = array_map(
            static fn (string $way, int $seconds): string => Said::phrase(Phrase::of("school.measure-by.$way", ['seconds' => $seconds])),
            array_keys($known), $known,
        );

        return $said === [] ? null : implode(' ', $said);
    }
}

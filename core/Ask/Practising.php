<?php

declare(strict_types=1);

namespace Hovik\Core\Ask;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Words\Phrase;

/** `quiz`: a question by its seed, and the marking of an answer to it. */
final class Practising
{
    /** @return array<string, mixed> */
    public static function quiz(JsonInput $given): array
    {
        $standard = $given->standard();
        $seed = $given->number('seed');
        if (floor($seed) !== $seed || abs($seed) > 2 ** 53) {
            throw InvalidInput::because('seed', Phrase::of('refusal.whole-number', ['name' => 'seed']));
        }
        $level = $given->numberOr('level', 1.0) ?? 1.0;
        $setting = Setting::of(
            floor($level) === $level ? (int) $level : 0, $standard, $given->has('drawer') ? Tools::drawer($given, $standard) : null,
            $given->has('method') ? HouseRules::of([], [HouseMethod::named($given->text('method'))]) : null,
            about: $given->has('family') ? $given->enum('family', Family::class) : null,
            foods: $given->has('foods') ? $given->texts('foods') : [],
        );
        $question = Quiz::question(Skill::named($given->text('skill')), (int) $seed, $setting);
        $answer = [
            'question' => Ask::english($question->prompt),
            'picture' => $question->picture === null ? null : Ask::english($question->picture),
            'kind' => $question->expected->kind(),
            ...($question->choices === [] ? [] : ['choices' => array_map(static fn (Choice $choice): array => [
                'id' => $choice->id, 'said' => Ask::english($choice->said), 'misconception' => $choice->misconception,
            ], $question->choices)]),
            ...($question->figure === [] ? [] : ['figure' => $question->figure]),
            'key' => $question->expected->key(),
            'about' => $question->about?->value,
            'condition' => $question->condition === null ? null : Ask::english($question->condition),
            'explanation' => Ask::english($question->explanation),
        ];
        if (! $given->has('answer')) {
            return $answer;
        }
        $marked = $question->mark($given->anything('answer'));
        $because = $marked->because();

        return [
            ...$answer, 'right' => $marked->isRight, 'misconception' => $marked->misconception,
            'because' => $because === null ? null : Ask::english($because),
        ];
    }
}

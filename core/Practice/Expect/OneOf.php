<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Expect;

use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Expected;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Words\Phrase;

/** One choice; sometimes more than one would be right. */
final readonly class OneOf implements Expected
{
    /** @param  non-empty-list<Choice>  $choices  those without a misconception are right */
    public function __construct(private array $choices)
    {
    }

    public function kind(): string
    {
        return 'choice';
    }

    public function mark(mixed $answer): Marked
    {
        foreach ($this->choices as $choice) {
            if ($choice->id === $answer) {
                return new Marked($choice->misconception === null, $choice->misconception);
            }
        }

        throw InvalidInput::because('answer', Phrase::of('refusal.answer-choice'));
    }

    public function key(): array
    {
        $right = array_values(
            array_map(
                static fn (Choice $choice): string => $choice->id,
                array_filter($this->choices, static fn (Choice $choice): bool => $choice->misconception === null),
            ),
        );

        return $right === [] ? throw new \LogicException('A question without a right answer.') : $right;
    }
}

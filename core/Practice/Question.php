<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Words\Phrase;

/** A question with everything a screen needs to ask it, and everything the marking needs to judge an answer. */
final readonly class Question
{
    /**
     * @param  list<Choice>  $choices  where there is something to choose from or to put in order
     * @param  Phrase  $explanation  why the right answer is right; also said with a wrong one
     * @param  array<string, mixed>  $figure  for drawing it: kind and measures, no words
     * @param  Family|SafetyPoint|null  $about  the family of its food, or its safety point
     * @param  Phrase|null  $condition  where several answers are right: on what it depends
     * @param  Phrase|null  $picture  all that the picture shows, for who does not see it: enough to answer by
     */
    public function __construct(
        public Skill $skill,
        public Phrase $prompt,
        public Expected $expected,
        public Phrase $explanation,
        public array $choices = [],
        public array $figure = [],
        public Family|SafetyPoint|null $about = null,
        public ?Phrase $condition = null,
        public ?Phrase $picture = null,
    ) {
    }

    /** Tells it from any other: another drawer, cup or method would ask something else. */
    public function id(): string
    {
        $choices = array_map(static fn (Choice $choice): array => [$choice->id, $choice->said->toArray()], $this->choices);

        return substr(sha1(serialize([$this->skill->value, $this->prompt->toArray(), $choices, $this->figure])), 0, 16);
    }

    /** @throws \Hovik\Core\InvalidInput when it is no answer at all */
    public function mark(mixed $answer): Marked
    {
        return $this->expected->mark($answer);
    }
}

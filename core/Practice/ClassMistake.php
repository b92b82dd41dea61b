<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\Safety\Deeds;
use Hovik\Core\Words\Phrase;

/** What students of a class believe or do that is not so, told to their teacher. */
final readonly class ClassMistake
{
    /**
     * @param  string  $misconception  `miss.ID` to a student, `class-miss.ID` to the teacher
     * @param  int  $students  who answered so, each once
     * @param  int  $times  answers
     */
    public function __construct(public string $misconception, public int $students, public int $times)
    {
    }

    /**
     * Those that most students share come first: one who answers so ten times needs a word, ten who do it once need a lesson.
     *
     * @param  array<array-key, list<string>>  $byStudent  each one's misconceptions, one an answer
     * @return list<self> at most $most
     */
    public static function most(array $byStudent, int $most): array
    {
        $students = array_count_values(array_merge(...array_map(
            static fn (array $own): array => array_values(array_unique($own)), array_values($byStudent),
        )));
        $times = array_count_values(array_merge(...array_values($byStudent)));
        $all = array_map(
            static fn (string $id): self => new self($id, $students[$id], $times[$id]), array_map(strval(...), array_keys($students)),
        );
        usort($all, static fn (self $a, self $b): int => [$b->students, $b->times] <=> [$a->students, $a->times]);

        return array_slice($all, 0, $most);
    }

    public function said(): Phrase
    {
        return Deeds::isUnsafe($this->misconception)
            ? Phrase::of('class-miss.deed', ['deed' => Deeds::said($this->misconception)])
            : Phrase::of("class-miss.$this->misconception");
    }
}

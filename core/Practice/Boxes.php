<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\Pantry\Family;

/**
 * What a student has practised, by Leitner's boxes (S. Leitner, So lernt man lernen, 1972): every skill with every family of
 * food lies in a box; a right answer puts it one box on, a wrong one back into the first. The further the box, the longer until it
 * comes back. Skills are mixed: the same one does not come twice running where another is due.
 */
final readonly class Boxes
{
    /** Days until something comes back, by box; the first: at once. */
    public const DAYS = [0, 1, 2, 4, 8, 16];

    private const LONGEST = 16;

    /** From this box on a skill counts as shown. */
    public const SHOWN = 2;

    /** Of so many questions one is of a skill not met before, as long as there is one. */
    private const NEW_EVERY = 2;

    /** A slip comes back, but not at once: after this many other questions. */
    private const BREATHER = 2;

    /**
     * @param  array<string, array{skill: Skill, family: Family|null, box: int, day: int, at: int}>  $items  by item; `at` counts answers
     */
    private function __construct(private array $items, private int $answers, private ?Skill $last)
    {
    }

    /** @param  list<Answered>  $answers  oldest first */
    public static function after(array $answers): self
    {
        $items = [];
        foreach ($answers as $at => $answer) {
            $box = $items[$answer->item()]['box'] ?? 0;
            $items[$answer->item()] = [
                'skill' => $answer->skill, 'family' => $answer->family,
                'box' => $answer->isRight ? min($box + 1, count(self::DAYS) - 1) : 0, 'day' => $answer->day, 'at' => $at,
            ];
        }

        return new self($items, count($answers), $answers === [] ? null : $answers[count($answers) - 1]->skill);
    }

    /**
     * What to ask next.
     *
     * @param  non-empty-list<Skill>  $skills  those that are practised
     * @param  int  $day  today
     * @return array{skill: Skill, family: Family|null, level: int}
     */
    public function next(array $skills, int $day): array
    {
        $met = array_map(static fn (array $item): string => $item['skill']->value, $this->items);
        $fresh = array_values(array_filter($skills, static fn (Skill $skill): bool => ! in_array($skill->value, $met, true)));
        $due = array_values(array_filter($this->items, fn (array $item): bool => in_array($item['skill'], $skills, true) && $this->isDue($item, $day)));
        // The lowest box first, then what has waited longest.
        usort($due, static fn (array $a, array $b): int => [$a['box'], $a['at']] <=> [$b['box'], $b['at']]);
        $other = array_values(array_filter($due, fn (array $item): bool => $item['skill'] !== $this->last));
        $item = $other[0] ?? $due[0] ?? null;
        if ($fresh !== [] && ($item === null || $this->answers % self::NEW_EVERY === 0)) {
            return ['skill' => $fresh[0], 'family' => null, 'level' => 1];
        }
        if ($item === null) {
            $item = $this->longestAgo($skills);
        }

        return $item === null ? ['skill' => $skills[0], 'family' => null, 'level' => 1] : ['skill' => $item['skill'], 'family' => $item['family'], 'level' => self::level($item['box'])];
    }

    /** The box of a skill: the lowest of its families; null where it was never met. */
    public function box(Skill $skill): ?int
    {
        $boxes = array_map(static fn (array $item): int => $item['box'], array_filter($this->items, static fn (array $item): bool => $item['skill'] === $skill));

        return $boxes === [] ? null : min($boxes);
    }

    /** Whether a skill has been shown: right often enough since the last slip. */
    public function hasShown(Skill $skill): bool
    {
        return ($this->box($skill) ?? 0) >= self::SHOWN;
    }

    /** @param  array{skill: Skill, family: Family|null, box: int, day: int, at: int}  $item */
    private function isDue(array $item, int $day): bool
    {
        return $item['box'] === 0 ? $this->answers - 1 - $item['at'] >= self::BREATHER || $item['day'] < $day : $day - $item['day'] >= (self::DAYS[$item['box']] ?? self::LONGEST);
    }

    /**
     * @param  list<Skill>  $skills
     * @return array{skill: Skill, family: Family|null, box: int, day: int, at: int}|null
     */
    private function longestAgo(array $skills): ?array
    {
        $items = array_values(array_filter($this->items, static fn (array $item): bool => in_array($item['skill'], $skills, true)));
        usort($items, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return $items[0] ?? null;
    }

    /** Harder as it goes. */
    private static function level(int $box): int
    {
        return match (true) {
            $box >= 3 => 3,
            $box >= 1 => 2,
            default => 1,
        };
    }
}

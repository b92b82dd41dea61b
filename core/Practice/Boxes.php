<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Safety\SafetyPoint;

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
     * @param  array<string, array{skill: Skill, about: Family|SafetyPoint|null, box: int, day: int, at: int}>  $items  by item; `at`
     *   counts answers
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
                'skill' => $answer->skill, 'about' => $answer->about,
                'box' => $answer->isRight ? min($box + 1, count(self::DAYS) - 1) : 0, 'day' => $answer->day, 'at' => $at,
            ];
        }

        return new self($items, count($answers), $answers === [] ? null : $answers[count($answers) - 1]->skill);
    }

    /**
     * What to ask next.
     *
     * @param  non-empty-list<Aim>  $aims  what is practised
     * @param  int  $day  today
     * @return array{skill: Skill, about: Family|SafetyPoint|null, level: int}
     */
    public function next(array $aims, int $day): array
    {
        $fresh = array_values(array_filter($aims, fn (Aim $aim): bool => $this->of($aim) === []));
        $practised = $this->covered($aims);
        $due = array_values(array_filter($practised, fn (array $item): bool => $this->isDue($item, $day)));
        // The lowest box first, then what has waited longest.
        usort($due, static fn (array $a, array $b): int => [$a['box'], $a['at']] <=> [$b['box'], $b['at']]);
        $other = array_values(array_filter($due, fn (array $item): bool => $item['skill'] !== $this->last));
        $item = $other[0] ?? $due[0] ?? null;
        $isLast = fn (array $item): bool => $item['skill'] === $this->last;
        $new = array_values(array_filter($fresh, fn (Aim $aim): bool => $aim->skill !== $this->last))[0] ?? $fresh[0] ?? null;
        $turnOfNew = $item === null || $isLast($item) || ($this->answers % self::NEW_EVERY === 0 && $new?->skill !== $this->last);
        if ($new !== null && $turnOfNew) {
            return ['skill' => $new->skill, 'about' => $new->about(), 'level' => 1];
        }
        if ($item === null) {
            // Nothing is due: what was asked longest ago, of another skill if there is one.
            usort($practised, static fn (array $a, array $b): int => [$isLast($a), $a['at']] <=> [$isLast($b), $b['at']]);
            $item = $practised[0] ?? null;
        }

        return $item === null
                ? ['skill' => $aims[0]->skill, 'about' => $aims[0]->about(), 'level' => 1]
                : ['skill' => $item['skill'], 'about' => $item['about'], 'level' => self::level($item['box'])];
    }

    /** The lowest box of what was answered about it; null where it was never met. */
    public function box(Aim $aim): ?int
    {
        $boxes = array_column($this->of($aim), 'box');

        return $boxes === [] ? null : min($boxes);
    }

    /** Whether it has been shown: right often enough since the last slip. */
    public function hasShown(Aim $aim): bool
    {
        return ($this->box($aim) ?? 0) >= self::SHOWN;
    }

    /** @return list<array{skill: Skill, about: Family|SafetyPoint|null, box: int, day: int, at: int}> */
    private function of(Aim $aim): array
    {
        return $this->covered([$aim]);
    }

    /**
     * @param  list<Aim>  $aims
     * @return list<array{skill: Skill, about: Family|SafetyPoint|null, box: int, day: int, at: int}>
     */
    private function covered(array $aims): array
    {
        return array_values(array_filter($this->items, static function (array $item) use ($aims): bool {
            foreach ($aims as $aim) {
                if ($aim->covers($item['skill'], $item['about'])) {
                    return true;
                }
            }

            return false;
        }));
    }

    /** @param  array{skill: Skill, about: Family|SafetyPoint|null, box: int, day: int, at: int}  $item */
    private function isDue(array $item, int $day): bool
    {
        return $item['box'] === 0 ? $this->answers - 1 - $item['at'] >= self::BREATHER
                || $item['day'] < $day : $day - $item['day'] >= (self::DAYS[$item['box']] ?? self::LONGEST);
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

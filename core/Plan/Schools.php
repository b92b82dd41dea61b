<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Hovik\Core\InvalidInput;

/**
 * Where cooks disagree about tools: what a class has settled on. The methods for flour and brown sugar are
 * {@see \Hovik\Core\Technique\HouseMethod}.
 */
final readonly class Schools
{
    /** Every question with its answers, the default first. Words: `school.QUESTION`, `school.QUESTION.ANSWER`. */
    public const QUESTIONS = [
        'top-read' => ['verified', 'never', 'trusted'],
        'liquids-in-dry-cups' => ['no', 'brim-full'],
        'small-liquids' => ['spoons', 'small-measure'],
        'leaveners' => ['spoon', 'cup'],
        'weigh-above' => ['3', '2', '4', '6'],
    ];

    /** @param  array<string, string>  $answers  by question; what is not there takes the default */
    private function __construct(private array $answers)
    {
    }

    public static function usual(): self
    {
        return new self([]);
    }

    /**
     * @param  array<array-key, mixed>  $answers
     *
     * @throws InvalidInput naming the question
     */
    public static function of(array $answers): self
    {
        $known = [];
        foreach ($answers as $question => $answer) {
            if (! is_string($answer) || ! in_array($answer, self::QUESTIONS[$question] ?? [], true)) {
                throw new InvalidInput("schools.$question", 'That is not one of the ways to choose from.');
            }
            $known[(string) $question] = $answer;
        }

        return new self($known);
    }

    public function answer(string $question): string
    {
        return $this->answers[$question] ?? self::QUESTIONS[$question][0];
    }

    /** @param  bool  $isChecked  its volume has been found with water */
    public function trustsTopRead(bool $isChecked): bool
    {
        return match ($this->answer('top-read')) {
            'trusted' => true,
            'never' => false,
            default => $isChecked,
        };
    }

    public function poursIntoDryCups(): bool
    {
        return $this->answer('liquids-in-dry-cups') === 'brim-full';
    }

    public function prefersSmallMeasure(): bool
    {
        return $this->answer('small-liquids') === 'small-measure';
    }

    public function leavenersByCup(): bool
    {
        return $this->answer('leaveners') === 'cup';
    }

    /** Cups of a dry ingredient above which weighing is advised. */
    public function weighAboveCups(): int
    {
        return (int) $this->answer('weigh-above');
    }
}

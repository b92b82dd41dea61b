<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Expect;

use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Expected;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Words\Phrase;

/** Tools and how often each is filled, until the amount is met: any way is right that uses only tools that suit the food. */
final readonly class ToolCounts implements Expected
{
    private const MOST = 30;

    /**
     * @param  list<Filling>  $offered
     * @param  non-empty-array<string, int>  $best  the fewest fills
     */
    public function __construct(private BigRational $ml, private array $offered, private array $best)
    {
    }

    public function kind(): string
    {
        return 'tools';
    }

    public function mark(mixed $answer): Marked
    {
        if (! is_array($answer) || $answer === [] || array_is_list($answer)) {
            throw InvalidInput::because('answer', Phrase::of('refusal.answer-tools'));
        }
        $total = BigRational::zero();
        $spoils = null;
        foreach ($answer as $id => $count) {
            $filling = $this->filling((string) $id);
            if (! is_int($count) || $count < 0 || $count > self::MOST) {
                throw InvalidInput::because('answer', Phrase::of('refusal.answer-tools'));
            }
            $total = $total->plus($filling->fill->eachMl()->multipliedBy($count));
            $spoils ??= $count > 0 ? $filling->spoils : null;
        }
        if ($spoils !== null) {
            return new Marked(false, $spoils);
        }

        return match ($total->compareTo($this->ml)) {
            0 => new Marked(true),
            1 => new Marked(false, 'too-much'),
            default => new Marked(false, 'too-little'),
        };
    }

    public function key(): array
    {
        return [$this->best];
    }

    private function filling(string $id): Filling
    {
        foreach ($this->offered as $filling) {
            if ($filling->id() === $id) {
                return $filling;
            }
        }

        throw InvalidInput::because('answer', Phrase::of('refusal.answer-offered'));
    }
}

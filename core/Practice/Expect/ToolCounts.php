<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Expect;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Expected;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Words\Phrase;

/** Tools and how often each is filled, until the amount is met: any way is right that uses only tools that suit the food. */
final readonly class ToolCounts implements Expected
{
    private const MOST = 30;

    /**
     * @param  list<Tool>  $suitable
     * @param  list<Tool>  $others  offered too
     * @param  non-empty-array<string, int>  $best  the fewest fills
     */
    public function __construct(private BigRational $ml, private array $suitable, private array $others, private array $best)
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
        $wrongKind = null;
        foreach ($answer as $id => $count) {
            $tool = $this->tool((string) $id);
            if (! is_int($count) || $count < 0 || $count > self::MOST) {
                throw InvalidInput::because('answer', Phrase::of('refusal.answer-tools'));
            }
            $total = $total->plus($tool->nominalMl->multipliedBy($count));
            if ($count > 0 && ! in_array($tool, $this->suitable, true)) {
                $wrongKind = $tool->kind->isMarked() ? 'jug-for-dry' : 'cup-for-liquid';
            }
        }
        if ($wrongKind !== null) {
            return new Marked(false, $wrongKind);
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

    private function tool(string $id): Tool
    {
        foreach ([...$this->suitable, ...$this->others] as $tool) {
            if ($tool->id === $id) {
                return $tool;
            }
        }

        throw InvalidInput::because('answer', Phrase::of('refusal.answer-offered'));
    }
}

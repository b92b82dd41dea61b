<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Expect;

use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Expected;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Words\Phrase;

/** Things in order, without those that do not belong. */
final readonly class InOrder implements Expected
{
    /**
     * @param  non-empty-list<string>  $order
     * @param  list<array{string, string}>  $swappable  pairs that may stand either way when they are neighbours
     * @param  list<string>  $strangers  offered too, and to be left out
     * @param  string  $misordered  misconception of a wrong order
     * @param  string  $stranger  misconception of keeping what does not belong
     */
    public function __construct(
        private array $order, private array $swappable = [], private array $strangers = [], private string $misordered = 'order',
        private string $stranger = 'stranger',
    ) {
    }

    public function kind(): string
    {
        return 'order';
    }

    public function mark(mixed $answer): Marked
    {
        if (! is_array($answer) || ! array_is_list($answer) || count($answer) > 40) {
            throw InvalidInput::because('answer', Phrase::of('refusal.answer-order'));
        }
        $offered = [...$this->order, ...$this->strangers];
        foreach ($answer as $one) {
            if (! in_array($one, $offered, true)) {
                throw InvalidInput::because('answer', Phrase::of('refusal.answer-offered'));
            }
        }
        if (in_array($answer, $this->key(), true)) {
            return new Marked(true);
        }

        return new Marked(
            false,
            match (true) {
                array_intersect($answer, $this->strangers) !== [] => $this->stranger,
                count($answer) < count($this->order) => 'left-out',
                default => $this->misordered,
            },
        );
    }

    public function key(): array
    {
        $ways = [$this->order];
        foreach ($this->swappable as [$one, $other]) {
            foreach ($ways as $way) {
                $at = array_search($one, $way, true);
                $next = array_search($other, $way, true);
                if ($at !== false && $next !== false && abs($at - $next) === 1) {
                    [$way[$at], $way[$next]] = [$way[$next], $way[$at]];
                    $ways[] = $way;
                }
            }
        }

        return array_map(static fn (array $way): array => array_values($way), $ways);
    }
}

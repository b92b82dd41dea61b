<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Expect;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Expected;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Simulator\DrawnScale;
use Hovik\Core\Words\Phrase;

/** Keys of the drawn scale, after what was done already: right when it shows the food alone, in grams. */
final readonly class Keys implements Expected
{
    /**
     * @param  list<string>  $before  keys pressed already
     * @param  non-empty-list<string>  $best  keys that do it
     */
    public function __construct(
        private array $before, private Scale $scale, private float $bowlG, private float $foodG, private array $best,
    ) {
    }

    public function kind(): string
    {
        return 'keys';
    }

    public function mark(mixed $answer): Marked
    {
        if (! is_array($answer) || ! array_is_list($answer)) {
            throw InvalidInput::because('answer', Phrase::of('refusal.answer-keys'));
        }
        $shown = $this->shown($answer);
        $right = round(round($this->foodG / $this->scale->readabilityG) * $this->scale->readabilityG, 4);

        return match (true) {
            ! $shown->isOn => new Marked(false, 'scale-off'),
            ! $shown->isPoured => new Marked(false, 'nothing-on-it'),
            $shown->unit !== 'g' => new Marked(false, 'wrong-unit'),
            $shown->number() === $right => new Marked(true),
            default => new Marked(false, 'not-tared'),
        };
    }

    /**
     * The scale after these keys.
     *
     * @param  list<mixed>  $keys
     *
     * @throws InvalidInput
     */
    public function shown(array $keys): DrawnScale
    {
        return DrawnScale::after([...$this->before, ...$keys], $this->scale, $this->bowlG, $this->foodG);
    }

    public function key(): array
    {
        return [$this->best];
    }
}

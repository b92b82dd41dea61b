<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Expect;

use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Expected;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Words\Phrase;

/** A number in any equal form: `1 1/2`, `1.5`, `3/2`. */
final readonly class Number implements Expected
{
    /**
     * @param  array<string, BigRational>  $misconceptions  the number that each leads to; those equal to the right one do not count
     * @param  BigRational|null  $within  how far off is still right; none: exact
     */
    public function __construct(private BigRational $right, private array $misconceptions = [], private ?BigRational $within = null)
    {
    }

    public function kind(): string
    {
        return 'number';
    }

    public function mark(mixed $answer): Marked
    {
        if (is_int($answer) || is_float($answer)) {
            $answer = rtrim(rtrim(sprintf('%.6F', $answer), '0'), '.');
        }
        if (! is_string($answer)) {
            throw InvalidInput::because('answer', Phrase::of('refusal.answer-number'));
        }
        $number = KitchenNotation::read(trim($answer), 'answer');
        if ($number->minus($this->right)->abs()->isLessThanOrEqualTo($this->within ?? 0)) {
            return new Marked(true);
        }
        foreach ($this->misconceptions as $id => $leads) {
            if ($number->minus($leads)->abs()->isLessThanOrEqualTo($this->within ?? 0)) {
                return new Marked(false, $id);
            }
        }

        return new Marked(false);
    }

    public function key(): array
    {
        return [KitchenNotation::write($this->right)];
    }
}

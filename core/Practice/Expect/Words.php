<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Expect;

use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Expected;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Words\Phrase;

/** Words of a line, by their place in it from 0. */
final readonly class Words implements Expected
{
    /**
     * @param  list<int>  $right
     * @param  list<int>  $tempting  words that look like the right kind and are not
     * @param  int  $words  how many there are
     */
    public function __construct(private array $right, private array $tempting, private int $words)
    {
    }

    public function kind(): string
    {
        return 'words';
    }

    public function mark(mixed $answer): Marked
    {
        if (! is_array($answer) || ! array_is_list($answer)) {
            throw InvalidInput::because('answer', Phrase::of('refusal.answer-words'));
        }
        foreach ($answer as $one) {
            if (! is_int($one) || $one < 0 || $one >= $this->words) {
                throw InvalidInput::because('answer', Phrase::of('refusal.answer-offered'));
            }
        }
        $chosen = array_values(array_unique($answer));
        sort($chosen);
        if ($chosen === $this->right) {
            return new Marked(true);
        }

        return new Marked(false, array_intersect($chosen, $this->tempting) !== [] ? 'after-comma' : 'other-words');
    }

    public function key(): array
    {
        return [$this->right];
    }
}

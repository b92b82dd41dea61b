<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Expect;

use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Expected;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Words\Phrase;

/** Parts of a line marked, or none of them: in any language, whatever order it puts them in. */
final readonly class Words implements Expected
{
    /**
     * @param  list<string>  $right  ids of parts
     * @param  list<string>  $tempting  those that look like the right kind and are not
     * @param  non-empty-list<string>  $all
     */
    public function __construct(private array $right, private array $tempting, private array $all)
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
            if (! in_array($one, $this->all, true)) {
                throw InvalidInput::because('answer', Phrase::of('refusal.answer-offered'));
            }
        }
        $chosen = array_values(array_unique($answer));
        if (array_diff($chosen, $this->right) === [] && array_diff($this->right, $chosen) === []) {
            return new Marked(true);
        }

        return new Marked(false, array_intersect($chosen, $this->tempting) !== [] ? 'after-comma' : 'other-words');
    }

    public function key(): array
    {
        return [$this->right];
    }
}

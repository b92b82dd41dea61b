<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigRational;
use Hovik\Core\Pantry\Ingredient;

/** One line of a recipe as written, and how it was read. The pieces, put together, are the line to the letter. */
final readonly class ReadLine
{
    public const READ = 'read';

    public const PARTLY = 'partly';

    public const UNREAD = 'unread';

    public const HEADING = 'heading';

    /** Something to read, and nothing to measure. */
    public const NOTE = 'note';

    /**
     * @param  string  $status  read, partly, unread, heading or note
     * @param  list<Piece>  $pieces
     * @param  list<ReadAmount>  $amounts  of 'plus' several, to be added
     * @param  list<ReadAmount>  $also  the same amount said another way: '1 cup (125 g)'
     * @param  string  $name  the ingredient as written, without its handling
     * @param  list<string>  $before  handling that comes before the measuring, lower case
     * @param  list<string>  $after  handling that comes after it
     * @param  string|null  $size  heaped, scant or level
     * @param  ReadAmount|null  $package  what one can or packet holds
     * @param  list<Flag>  $flags
     * @param  list<string>  $options  ingredient ids to choose from, where the name leaves it open
     * @param  string|null  $openWord  its name, plain, where that stands for several foods
     * @param  BigRational|null  $percent  of the flour's weight, in a recipe of bakers' per cent
     */
    public function __construct(
        public string $text,
        public string $status,
        public array $pieces,
        public array $amounts = [],
        public array $also = [],
        public ?Ingredient $ingredient = null,
        public string $name = '',
        public array $before = [],
        public array $after = [],
        public ?string $size = null,
        public ?ReadAmount $package = null,
        public array $flags = [],
        public array $options = [],
        public ?BigRational $percent = null,
        public ?string $openWord = null,
    ) {
    }

    /** A food to taste, or by the splash: it is no question how much, and nothing of it is measured. */
    public function isWithoutAmount(): bool
    {
        $isSizeless = $this->amounts !== [] && $this->amounts[0]->unit === null && $this->has(Flag::NotCheckable);

        return $this->ingredient !== null && ($isSizeless || $this->amounts === [] && $this->has(Flag::ToTaste));
    }

    /** Measured first, and sifted then. */
    public function isSiftedLater(): bool
    {
        return in_array('sifted', $this->after, true) && ! in_array('sifted', $this->before, true);
    }

    public function has(Flag $flag): bool
    {
        return in_array($flag, $this->flags, true);
    }
}

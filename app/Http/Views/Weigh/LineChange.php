<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use Hovik\Core\Lab\StationState;

/** What changes of a station's line while it works; the fields of `StationLine`. */
final readonly class LineChange extends View
{
    /** @param  list<Attempt>  $attempts */
    public function __construct(
        public int $id,
        public bool $foreign,
        public ?string $sent_back,
        public bool $checked,
        public array $attempts,
    ) {
    }

    /**
     * @param  list<int>  $lines  of the station
     * @param  array<int, list<Attempt>>  $attempts  by line
     * @return list<self>
     */
    public static function all(array $lines, StationState $state, array $attempts): array
    {
        return array_map(static fn (int $line): self => new self(
            $line, isset($state->foreign[$line]), $state->sentBack[$line] ?? null, isset($state->checked[$line]), $attempts[$line] ?? [],
        ), $lines);
    }
}

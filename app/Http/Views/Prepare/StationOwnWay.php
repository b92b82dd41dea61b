<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\FrozenWay;
use Hovik\Core\Plan\StationWays;

/** How stations measure a line that have tools of their own. */
final readonly class StationOwnWay extends View
{
    /**
     * @param  list<int>  $stations  by id
     * @param  list<string>  $sizes  what those tools hold more or less than is printed on them, where it matters
     */
    public function __construct(public array $stations, public ?string $plan, public array $sizes)
    {
    }

    /** @return list<self> */
    public static function all(FrozenLine $line): array
    {
        return array_map(static fn (FrozenWay $way): self => new self(
            $way->stations ?? [], $way->plan === null ? null : Said::plan($way->plan),
            array_map(Said::phrase(...), StationWays::trueSizes($way->plan, $line->tolerance->percent)),
        ), array_slice($line->ways, 1));
    }
}

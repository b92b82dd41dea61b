<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use Hovik\Core\Lab\StationState;

final readonly class SeenStep extends View
{
    /**
     * @param  'done'|'not-done'|'unseen'  $seen
     */
    public function __construct(
        public int $line,
        public string $step,
        public string $seen,
    ) {
    }

    /** @return list<self> */
    public static function all(StationState $state): array
    {
        $all = [];
        foreach ($state->seen as $line => $steps) {
            foreach ($steps as $step => $seen) {
                $all[] = new self($line, $step, $seen);
            }
        }

        return $all;
    }
}

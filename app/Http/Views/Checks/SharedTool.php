<?php

declare(strict_types=1);

namespace App\Http\Views\Checks;

use App\Http\Views\View;
use App\Models\Station;
use App\Models\ToolCheck;
use Hovik\Core\Calibration\ToCheck;

/** What a station was given to check in its class's tool lab. */
final readonly class SharedTool extends View
{
    /** @param  bool  $is_done  handed in since the lab was opened */
    public function __construct(
        public string $kind_id, public string $name, public ?string $place, public ?string $mark, public bool $is_done,
    ) {
    }

    /** @return list<self> */
    public static function at(Station $station): array
    {
        $lab = $station->labNow();
        $shares = $lab?->shares?->at($station->id) ?? [];
        if ($lab === null || $shares === []) {
            return [];
        }
        $done = ToolCheck::query()->where('lab_id', $lab->id)->get()
            ->filter(static fn (ToolCheck $one): bool => $one->state->isDone())->pluck('name')->all();

        return array_map(static fn (ToCheck $one): self => new self(
            $one->kind, $one->name, $one->place, $one->mark, in_array($one->name, $done, true),
        ), $shares);
    }
}

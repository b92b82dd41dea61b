<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use App\Models\LabEvent;
use App\Models\Weighing;
use App\Words\Said;
use Hovik\Core\Lab\EventKind;
use Hovik\Core\Weighing\CupOnScale;

/** One cup that was weighed with the food in it. */
final readonly class WeighedCup extends View
{
    /** @param  string|null  $left  what stayed in it, once it was emptied and weighed again */
    public function __construct(public int $cup, public float $full_g, public ?float $empty_g, public ?string $left)
    {
    }

    /** @return list<self> */
    public static function all(Weighing $weighing): array
    {
        if ($weighing->cups === []) {
            return [];
        }
        $emptied = [];
        $events = LabEvent::query()->where('lab_line_id', $weighing->lab_line_id)->where('station_id', $weighing->station_id)
            ->where('kind', EventKind::Emptied)->orderBy('created_at')->get();
        foreach ($events as $event) {
            if ($event->detail['weighing'] === $weighing->id) {
                $emptied[(int) $event->detail['cup']] = (float) $event->detail['grams'];
            }
        }

        return array_map(static fn (int $i, CupOnScale $cup): self => new self(
            $i + 1, $cup->fullG, $cup->emptyG,
            isset($emptied[$i + 1]) ? Said::phrase($cup->saysLeft($emptied[$i + 1], $weighing->decimals(), 'detail.grams')) : null,
        ), array_keys($weighing->cups), $weighing->cups);
    }
}

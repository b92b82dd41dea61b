<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use App\Labs\LabWords;
use App\Models\Station;
use App\Models\StationCheck;
use Hovik\Core\Safety\StationChecklist;

/** What a station ticks through. */
final readonly class StationChecks extends View
{
    /**
     * @param  string|null  $by  who ticked it
     * @param  list<CheckItem>  $items
     * @param  list<string>  $care
     */
    public function __construct(
        public int $lab_id,
        public string $lab,
        public bool $done,
        public ?string $by,
        public array $items,
        public array $care,
    ) {
    }

    public static function of(Station $station, StationChecklist $kind): ?self
    {
        $lab = StationCheck::labFor($station, $kind);
        if ($lab === null) {
            return null;
        }
        $done = $lab->doneAt($station)->firstWhere('kind', $kind);
        $list = LabWords::checklist($lab, $kind);

        return new self($lab->id, $lab->title, $done !== null, $done?->student?->name, $list['items'], $list['care']);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;
use App\Models\LogEntry;
use App\Models\School;
use App\Words\Said;
use Hovik\Core\Words\Phrase;

/** A page of what adults did, the newest first. */
final readonly class LogPage extends View
{
    private const ROWS = 50;

    /**
     * @param  list<LogRow>  $rows
     * @param  int|null  $before  where the next page goes on; null: there is none
     */
    public function __construct(
        public array $rows,
        public ?int $before,
    ) {
    }

    public static function of(School $school, ?int $before): self
    {
        $entries = LogEntry::query()->where('school_id', $school->id)->where('id', '<', $before ?? PHP_INT_MAX)
            ->latest('id')->simplePaginate(self::ROWS + 1)->getCollection();

        return new self(
            array_values($entries->take(self::ROWS)->map(fn (LogEntry $one): LogRow => new LogRow(
                $one->id, $one->at->toJSON(), $one->who === '' ? Said::phrase(Phrase::of('log.by-itself')) : $one->who,
                Said::phrase(Phrase::of("log.{$one->act->value}", $one->about)),
            ))->all()),
            $entries->count() > self::ROWS ? $entries->get(self::ROWS - 1)?->id : null,
        );
    }
}

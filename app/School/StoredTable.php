<?php

declare(strict_types=1);

namespace App\School;

/** A table of the database: whose it is, how it is exported, what becomes of it when a student is erased, and when it ends. */
final readonly class StoredTable
{
    /**
     * @param  string  $end  when its rows are gone, for the map in docs/privacy.md
     * @param  string|null  $of  the table its rows belong to, up to `sections`; null: they are of no class
     * @param  string|null  $by  its column that says to which row of that table
     * @param  list<string>  $exported  columns in a class's export
     * @param  list<string>  $own  columns that are in a student's own export only
     * @param  string|null  $student  its column that names a student; `via` when the row it belongs to does
     */
    public function __construct(
        public string $name,
        public string $end,
        public ?string $of = null,
        public ?string $by = null,
        public array $exported = [],
        public array $own = [],
        public ?string $student = null,
        public OnErasure $onErasure = OnErasure::Stays,
    ) {
    }
}

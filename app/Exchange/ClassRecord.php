<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Section;
use App\School\PersonalData;
use App\Words\Said;
use Hovik\Core\Words\Phrase;
use stdClass;

/** All that is stored of a class, as a zip: a CSV file a table, the same as one JSON file, and what each file is. */
final class ClassRecord
{
    public static function zip(Section $section): string
    {
        $files = $all = [];
        $read = [Said::phrase(Phrase::of('export.class', ['class' => $section->name])), ''];
        foreach (PersonalData::tables() as $table) {
            if ($table->exported === []) {
                continue;
            }
            $rows = PersonalData::ofSection($table, $section)->orderBy($table->exported[0])->get($table->exported)
                ->map(static fn (stdClass $row): array => (array) $row)->all();
            $files["$table->name.csv"] = Csv::of($table->exported, $rows);
            $all[$table->name] = array_values($rows);
            $read[] = "$table->name.csv: ".Said::phrase(Phrase::of("export.$table->name"));
        }
        $read[] = 'class.json: '.Said::phrase(Phrase::of('export.json'));
        $flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

        return ZipFile::of(['README.txt' => implode("\r\n", $read)."\r\n", 'class.json' => json_encode($all, $flags)] + $files);
    }
}

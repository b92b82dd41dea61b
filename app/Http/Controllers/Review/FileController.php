<?php

declare(strict_types=1);

namespace App\Http\Controllers\Review;

use App\Exchange\ClassFile;
use App\Exchange\FileKind;
use App\Exchange\OneRosterResults;
use App\Http\Controllers\Controller;
use App\Http\Requests\Review\FileRequest;
use App\Models\Section;
use App\Review\KeepTerm;
use Illuminate\Http\Response;

/** A class's work, to be taken out. */
final class FileController extends Controller
{
    /** As a table for a spreadsheet. */
    public function csv(FileRequest $request, Section $section, FileKind $kind, KeepTerm $keeping): Response
    {
        return response((new ClassFile($section, $keeping))->csv($kind, $request->sign($section)), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"$kind->value.csv\"",
        ]);
    }

    /** Marks, as OneRoster 1.2 has line items and results. */
    public function oneRoster(Section $section): Response
    {
        return response(OneRosterResults::zip($section), 200, [
            'Content-Type' => 'application/zip', 'Content-Disposition' => 'attachment; filename="oneroster.zip"',
        ]);
    }
}

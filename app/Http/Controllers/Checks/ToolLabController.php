<?php

declare(strict_types=1);

namespace App\Http\Controllers\Checks;

use App\Checks\KeepToolCheck;
use App\Checks\ShareTools;
use App\Http\Controllers\Controller;
use App\Http\Views\Checks\ToolLabPage;
use App\Http\Views\Made;
use App\Models\Lab;
use App\Models\Section;
use App\Models\ToolCheck;
use Illuminate\Http\Response;

/** The first lab of a term: every station checks its share of the drawer. */
final class ToolLabController extends Controller
{
    /** A tool lab for the class, today: the drawer is shared out among its stations. */
    public function store(Section $section, ShareTools $sharing): Made
    {
        return new Made($sharing->among($section)->id);
    }

    /** Who checks what, and how it goes. */
    public function show(Lab $lab): ToolLabPage
    {
        abort_unless($lab->kind === 'tools', 404);

        return ToolLabPage::of($lab);
    }

    /** All that was handed in is right: those tools have their sizes from now on. */
    public function accept(Lab $lab, KeepToolCheck $keeping): Response
    {
        foreach (ToolCheck::query()->where('lab_id', $lab->id)->get() as $check) {
            if ($check->state->waits()) {
                $keeping->accept($check);
            }
        }

        return response()->noContent();
    }
}

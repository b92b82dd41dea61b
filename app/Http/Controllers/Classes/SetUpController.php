<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\EditedListRequest;
use App\Models\Section;
use Hovik\Core\InvalidInput;
use Hovik\Core\Safety\StationChecklist;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Response;

final class SetUpController extends Controller
{
    /** Change what a class's stations tick before they measure. */
    public function update(EditedListRequest $request, Section $section): Response
    {
        if (StationChecklist::SetUp->items([], $request->edited()) === []) {
            throw InvalidInput::because('without', Phrase::of('refusal.nothing-to-tick'));
        }
        $section->update(['set_up' => $request->edited()]);

        return response()->noContent();
    }
}

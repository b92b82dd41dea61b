<?php

declare(strict_types=1);

namespace App\Http\Controllers\School;

use App\Http\Controllers\Controller;
use App\Http\Requests\School\KitchenRequest;
use App\Http\Views\Made;
use App\Models\Kitchen;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class KitchenController extends Controller
{
    /** Another school room. */
    public function store(KitchenRequest $request, #[CurrentUser('teacher')] Teacher $keeper): Made
    {
        $kitchen = $keeper->kitchen->school->kitchens()->create($request->validated());
        AdultLog::tell($keeper, Act::ChangedSchool);

        return new Made($kitchen->id);
    }

    /** Call it something else. */
    public function update(KitchenRequest $request, Kitchen $kitchen): Response
    {
        $kitchen->update($request->validated());

        return response()->noContent();
    }
}

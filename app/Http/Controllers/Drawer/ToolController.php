<?php

declare(strict_types=1);

namespace App\Http\Controllers\Drawer;

use App\Http\Controllers\Controller;
use App\Http\Requests\Drawer\ToolRequest;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class ToolController extends Controller
{
    /** How many of a tool there are, where, in which state; 0: none any more. */
    public function update(ToolRequest $request, string $id, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        $tools = $teacher->kitchen->tools();
        if ($request->integer('count') === 0) {
            $tools->where('catalogue_id', $id)->delete();
        } else {
            $tools->updateOrCreate(['catalogue_id' => $id], $request->owned());
        }

        return response()->noContent();
    }
}

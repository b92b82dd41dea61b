<?php

declare(strict_types=1);

namespace App\Http\Controllers\Drawer;

use App\Http\Controllers\Controller;
use App\Http\Views\Drawer\DrawerPage;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;

/** What the kitchen owns. All of it goes through the teacher's own kitchen, so another's is not found. */
final class DrawerController extends Controller
{
    /** The drawer: every tool there is and how many are owned, and the scales. */
    public function show(#[CurrentUser('teacher')] Teacher $teacher): DrawerPage
    {
        return DrawerPage::of($teacher->kitchen);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\School;

use App\Http\Controllers\Controller;
use App\Http\Requests\School\LogRequest;
use App\Http\Views\School\LogPage;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;

final class LogController extends Controller
{
    /** What adults did, the newest first. */
    public function index(LogRequest $request, #[CurrentUser('teacher')] Teacher $keeper): LogPage
    {
        return LogPage::of($keeper->kitchen->school, $request->filled('before') ? $request->integer('before') : null);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\School;

use App\Http\Controllers\Controller;
use App\Http\Requests\School\ResetSlipRequest;
use App\Http\Views\School\SlipMade;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use App\School\SlipBox;
use Illuminate\Container\Attributes\CurrentUser;

final class ResetSlipController extends Controller
{
    /** Somebody forgot their password: a slip with which they choose a new one. Their sessions end when they do. */
    public function store(ResetSlipRequest $request, Teacher $person, SlipBox $slips, #[CurrentUser('teacher')] Teacher $keeper): SlipMade
    {
        [$slip, $code] = $slips->reset($person);
        AdultLog::tell($keeper, Act::ResetSignIn, ['name' => $person->name]);

        return SlipMade::of($slip, $code, $slips, $request->boolean('mail'));
    }
}

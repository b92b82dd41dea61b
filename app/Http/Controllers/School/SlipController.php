<?php

declare(strict_types=1);

namespace App\Http\Controllers\School;

use App\Http\Controllers\Controller;
use App\Http\Requests\School\SlipRequest;
use App\Http\Views\School\SlipMade;
use App\Models\Slip;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use App\School\SlipBox;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class SlipController extends Controller
{
    /** Invite somebody: a slip to hand out, or a mail where a mail server is set. */
    public function store(SlipRequest $request, SlipBox $slips, #[CurrentUser('teacher')] Teacher $keeper): SlipMade
    {
        [$slip, $code] = $slips->invite(
            $request->kitchen(), $request->string('name')->trim()->toString(), $request->mail(), $request->role(),
        );
        AdultLog::tell($keeper, Act::Invited, ['name' => $slip->name]);

        return SlipMade::of($slip, $code, $slips, $request->boolean('mail'));
    }

    /** It works no longer. */
    public function destroy(Slip $slip, #[CurrentUser('teacher')] Teacher $keeper): Response
    {
        $slip->delete();
        AdultLog::tell($keeper, Act::Uninvited, ['name' => $slip->name]);

        return response()->noContent();
    }
}

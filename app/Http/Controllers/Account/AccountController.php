<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Http\Requests\Account\AccountRequest;
use App\Http\Views\Account\Account;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class AccountController extends Controller
{
    /** One's own name, mail and devices. */
    public function show(Request $request, #[CurrentUser('teacher')] Teacher $teacher): Account
    {
        return Account::of($teacher, $request->session());
    }

    /** Be called something else. */
    public function update(AccountRequest $request, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        $teacher->update($request->validated());

        return response()->noContent();
    }
}

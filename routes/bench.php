<?php

declare(strict_types=1);

use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/*
 * Only under `bin/hovik bench`: the bare route that storing a weigh-in and showing a board are measured against. The same
 * session, the same middleware, one indexed read, one committed insert, and nothing of Hovik's own.
 */
$bare = function (Request $request, string $id) {
    $line = DB::table('lab_lines')->where('id', $request->integer('line_id'))->value('ingredient_id');
    DB::table('bench_bare')->insert(['id' => $id, 'grams' => $request->float('grams')]);

    return response()->json(['line' => $line], 201);
};
Route::put('api/bench/station/{id}', $bare)->middleware(['auth:student,station', 'ends-with-lab']);
Route::put('api/bench/teacher/{id}', $bare)->middleware('auth:teacher');

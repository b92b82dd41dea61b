<?php

declare(strict_types=1);

use App\Http\Controllers\Bench\BenchController;
use App\Http\Controllers\Classes\ClassesController;
use App\Http\Controllers\Classes\SeatsController;
use App\Http\Controllers\Drawer\DrawerController;
use App\Http\Controllers\Join\SectionNamesController;
use App\Http\Controllers\Join\StationSessionController;
use App\Http\Controllers\Join\StudentSessionController;
use App\Http\Controllers\Lab\BoardController;
use App\Http\Controllers\Lab\EventsController;
use App\Http\Controllers\Lab\LabDayController;
use App\Http\Controllers\Lab\LabStateController;
use App\Http\Controllers\Lab\LiveController;
use App\Http\Controllers\Lab\PaperController;
use App\Http\Controllers\Pantry\PantryController;
use App\Http\Controllers\Pantry\PantryNamesController;
use App\Http\Controllers\Practice\ClassPracticeController;
use App\Http\Controllers\Practice\ClassQuestionController;
use App\Http\Controllers\Practice\PracticeController;
use App\Http\Controllers\Practice\TasksController;
use App\Http\Controllers\Prepare\ChartController;
use App\Http\Controllers\Prepare\ExchangeController;
use App\Http\Controllers\Prepare\LabsController;
use App\Http\Controllers\Prepare\PeriodController;
use App\Http\Controllers\Prepare\RecipeLabController;
use App\Http\Controllers\Prepare\RecipeLineController;
use App\Http\Controllers\Prepare\RecipesController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SignIn\TeacherSessionController;
use App\Http\Controllers\Technique\LibraryController;
use App\Http\Controllers\Today\TodayController;
use App\Http\Controllers\Weigh\BakeController;
use App\Http\Controllers\Weigh\CausesController;
use App\Http\Controllers\Weigh\ChecksController;
use App\Http\Controllers\Weigh\KitchenController;
use App\Http\Controllers\Weigh\WeighingController;
use Illuminate\Support\Facades\Route;

if (config('hovik.bench') === true) {
    require __DIR__.'/bench.php';
}

Route::prefix('api')->group(function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::post('teacher/session', [TeacherSessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('join/{code}', [SectionNamesController::class, 'show'])->middleware('throttle:join');
    Route::post('join', [StudentSessionController::class, 'store'])->middleware('throttle:join');
    Route::post('station/session', [StationSessionController::class, 'store'])->middleware('throttle:station-code');

    Route::middleware('auth:teacher')->group(function (): void {
        Route::get('today', [TodayController::class, 'show']);
        Route::post('labs/{lab}/open', [LabStateController::class, 'open']);
        Route::post('labs/{lab}/close', [LabStateController::class, 'close']);
        Route::get('labs/{lab}/board', [BoardController::class, 'show']);
        Route::get('labs/{lab}/paper', [PaperController::class, 'show']);
        Route::post('labs/{lab}/paper', [PaperController::class, 'store']);
        Route::post('labs/{lab}/pause', [LabDayController::class, 'pause']);
        Route::post('labs/{lab}/resume', [LabDayController::class, 'resume']);
        Route::post('labs/{lab}/reopen', [LabDayController::class, 'reopen']);
        Route::put('labs/{lab}/weighings/{weighing}/correction', [LabDayController::class, 'correct']);
        Route::get('labs/{lab}/weighings/{weighing}/causes', [LabDayController::class, 'causes']);
        Route::post('labs/{lab}/scale-checks', [LabDayController::class, 'checkScale']);
        Route::put('labs/{lab}/events/{event}', [EventsController::class, 'ofTeacher']);
        Route::get('labs/{lab}/live', [LiveController::class, 'show']);

        Route::post('labs', [ExchangeController::class, 'import']);
        Route::get('labs/{lab}/bundle', [ExchangeController::class, 'bundle']);
        Route::get('labs/{lab}/calendar.ics', [ExchangeController::class, 'calendar']);
        Route::get('recipes/{recipe}/json-ld', [ExchangeController::class, 'recipe']);
        Route::get('labs/{lab}/period', [PeriodController::class, 'show']);
        Route::put('labs/{lab}/period', [PeriodController::class, 'update']);
        Route::get('labs/{lab}/sheet', [LabsController::class, 'show']);
        Route::put('labs/{lab}', [LabsController::class, 'update']);
        Route::put('labs/{lab}/items/{item}', [LabsController::class, 'changeItem'])->scopeBindings();
        Route::delete('labs/{lab}/items/{item}', [LabsController::class, 'dropItem'])->scopeBindings();
        Route::post('labs/{lab}/copy', [LabsController::class, 'copy']);
        Route::post('labs/{lab}/archive', [LabsController::class, 'archive']);

        Route::post('sections', [ClassesController::class, 'store']);
        Route::post('sections/import', [ClassesController::class, 'import']);
        Route::get('sections/{section}', [ClassesController::class, 'show']);
        Route::put('sections/{section}', [ClassesController::class, 'update']);
        Route::post('sections/{section}/code', [ClassesController::class, 'renewCode']);
        Route::post('sections/{section}/roster', [ClassesController::class, 'roster']);
        Route::post('sections/{section}/stations', [SeatsController::class, 'addStation']);
        Route::put('sections/{section}/stations/{station}', [SeatsController::class, 'changeStation'])->scopeBindings();
        Route::delete('sections/{section}/stations/{station}', [SeatsController::class, 'dropStation'])->scopeBindings();
        Route::put('sections/{section}/students/{student}', [SeatsController::class, 'changeStudent'])->scopeBindings();
        Route::delete('sections/{section}/students/{student}', [SeatsController::class, 'eraseStudent'])->scopeBindings();
        Route::post('sections/{section}/colleagues', [SeatsController::class, 'addColleague']);
        Route::delete('sections/{section}/colleagues/{colleague}', [SeatsController::class, 'dropColleague'])->scopeBindings();

        Route::get('sections/{section}/practice', [ClassPracticeController::class, 'show']);
        Route::post('sections/{section}/tasks', [TasksController::class, 'store']);
        Route::delete('sections/{section}/tasks/{task}', [TasksController::class, 'destroy'])->scopeBindings();
        Route::get('sections/{section}/question', [ClassQuestionController::class, 'preview']);
        Route::get('sections/{section}/class-question', [ClassQuestionController::class, 'show']);
        Route::post('sections/{section}/class-question', [ClassQuestionController::class, 'store']);
        Route::put('sections/{section}/class-question', [ClassQuestionController::class, 'update']);
        Route::delete('sections/{section}/class-question', [ClassQuestionController::class, 'destroy']);
        Route::get('chart', [ChartController::class, 'show']);
        Route::get('drawer', [DrawerController::class, 'show']);
        Route::put('drawer/tools/{id}', [DrawerController::class, 'keepTool']);
        Route::post('drawer/scales', [DrawerController::class, 'addScale']);
        Route::delete('drawer/scales/{scale}', [DrawerController::class, 'dropScale'])->whereNumber('scale');

        Route::get('pantry', [PantryController::class, 'index']);
        Route::post('pantry', [PantryController::class, 'store']);
        Route::get('pantry/{ingredient}/measure', [PantryController::class, 'measure']);
        Route::put('pantry/{ingredient}', [PantryController::class, 'update']);
        Route::delete('pantry/{ingredient}', [PantryController::class, 'destroy']);
        Route::get('pantry/names', [PantryNamesController::class, 'index']);
        Route::get('recipes', [RecipesController::class, 'index']);
        Route::get('portions', [ChartController::class, 'portions']);
        Route::post('recipes', [RecipesController::class, 'store']);
        Route::get('recipes/{recipe}', [RecipesController::class, 'show']);
        Route::post('recipes/{recipe}/versions', [RecipesController::class, 'change']);
        Route::post('recipes/{recipe}/archive', [RecipesController::class, 'archive']);
        Route::put('recipes/{recipe}/lines/{index}', [RecipeLineController::class, 'update'])->whereNumber('index');
        Route::post('recipes/{recipe}/labs', [RecipeLabController::class, 'store']);
    });

    Route::middleware(['auth:student,station', 'ends-with-lab'])->group(function (): void {
        Route::get('kitchen', [KitchenController::class, 'show']);
        Route::put('weighings/{weighing}', [WeighingController::class, 'update']);
        Route::get('weighings/{weighing}', [WeighingController::class, 'show']);
        Route::get('weighings/{weighing}/causes', [CausesController::class, 'show']);
        Route::put('weighings/{weighing}/guess', [CausesController::class, 'guess']);
        Route::get('bake', [BakeController::class, 'show']);
        Route::get('labs/{lab}/stations/{station}/live', [LiveController::class, 'station'])->whereNumber('station');
        Route::put('events/{event}', [EventsController::class, 'ofStation']);
        Route::put('kitchen/checks/{kind}', [ChecksController::class, 'update']);
        Route::put('bake/{fault}', [BakeController::class, 'update']);
        Route::delete('bake/{fault}', [BakeController::class, 'destroy']);
    });

    // A student's own practice.
    Route::middleware('auth:student')->group(function (): void {
        Route::get('practice/tasks', [TasksController::class, 'index']);
        Route::get('practice', [PracticeController::class, 'show']);
        Route::post('practice/{turn}', [PracticeController::class, 'answer'])->whereNumber('turn');
        Route::post('practice/scale', [PracticeController::class, 'scale']);
        Route::get('class-question', [ClassQuestionController::class, 'mine']);
        Route::post('class-question/{asked}', [ClassQuestionController::class, 'answer']);
    });

    Route::get('sections/{section}/live', [LiveController::class, 'section'])->middleware('auth:teacher,student');

    // Anybody who is signed in may try things on the bench; nothing there is stored.
    Route::middleware(['auth:teacher,student,station', 'ends-with-lab', 'throttle:bench'])->group(function (): void {
        Route::get('techniques', [LibraryController::class, 'show']);
        Route::get('bench', [BenchController::class, 'show']);
        Route::post('bench/weigh', [BenchController::class, 'weigh']);
        Route::post('bench/compare', [BenchController::class, 'compare']);
    });

    Route::any('{unknown}', fn () => abort(404))->where('unknown', '.*');
});

// Everything else is a screen; the browser's router takes it from here.
Route::view('{screen}', 'app')->where('screen', '.*');

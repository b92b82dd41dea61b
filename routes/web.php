<?php

declare(strict_types=1);

use App\Exceptions\Refusal;
use App\Http\Controllers\Account\AccountController;
use App\Http\Controllers\Account\AccountSessionsController;
use App\Http\Controllers\Account\PasswordController;
use App\Http\Controllers\Account\UseSlipController;
use App\Http\Controllers\Checks\DrawerCheckController;
use App\Http\Controllers\Checks\NamedToolController;
use App\Http\Controllers\Checks\ToolCheckController;
use App\Http\Controllers\Checks\ToolLabController;
use App\Http\Controllers\Classes\ArchivedController;
use App\Http\Controllers\Classes\AwayController;
use App\Http\Controllers\Classes\ColleagueController;
use App\Http\Controllers\Classes\LetInController;
use App\Http\Controllers\Classes\PinController;
use App\Http\Controllers\Classes\PinSlipsController;
use App\Http\Controllers\Classes\RosterController;
use App\Http\Controllers\Classes\SeatsController;
use App\Http\Controllers\Classes\SectionCodeController;
use App\Http\Controllers\Classes\SectionController;
use App\Http\Controllers\Classes\SectionEndController;
use App\Http\Controllers\Classes\SectionImportController;
use App\Http\Controllers\Classes\SectionOwnerController;
use App\Http\Controllers\Classes\SetUpController;
use App\Http\Controllers\Classes\StationController;
use App\Http\Controllers\Classes\StudentController;
use App\Http\Controllers\Classes\StudentMergeController;
use App\Http\Controllers\Classes\StudentRecordController;
use App\Http\Controllers\Classes\WaysController;
use App\Http\Controllers\Drawer\DrawerController;
use App\Http\Controllers\Drawer\FullScaleCheckController;
use App\Http\Controllers\Drawer\ScaleController;
use App\Http\Controllers\Drawer\ToolController;
use App\Http\Controllers\Join\SectionNamesController;
use App\Http\Controllers\Join\StationSessionController;
use App\Http\Controllers\Join\StudentSessionController;
use App\Http\Controllers\Lab\BoardController;
use App\Http\Controllers\Lab\CorrectionController;
use App\Http\Controllers\Lab\GateController;
use App\Http\Controllers\Lab\LabCausesController;
use App\Http\Controllers\Lab\LabStateController;
use App\Http\Controllers\Lab\LiveController;
use App\Http\Controllers\Lab\MakeUpController;
use App\Http\Controllers\Lab\PaperController;
use App\Http\Controllers\Lab\ReadingController;
use App\Http\Controllers\Lab\ScaleCheckController;
use App\Http\Controllers\Lab\StationEventController;
use App\Http\Controllers\Lab\TeacherEventController;
use App\Http\Controllers\Lab\TurnController;
use App\Http\Controllers\Marks\MarkController;
use App\Http\Controllers\Marks\RubricController;
use App\Http\Controllers\Pantry\NearestMeasureController;
use App\Http\Controllers\Pantry\PantryController;
use App\Http\Controllers\Pantry\PantryNamesController;
use App\Http\Controllers\Pantry\StandardController;
use App\Http\Controllers\Practice\ClassPracticeController;
use App\Http\Controllers\Practice\ClassQuestionController;
use App\Http\Controllers\Practice\ClassTaskController;
use App\Http\Controllers\Practice\MyClassQuestionController;
use App\Http\Controllers\Practice\PracticeController;
use App\Http\Controllers\Practice\PracticeScaleController;
use App\Http\Controllers\Practice\ProjectedQuestionController;
use App\Http\Controllers\Practice\TaskController;
use App\Http\Controllers\Prepare\ChartController;
use App\Http\Controllers\Prepare\LabArchiveController;
use App\Http\Controllers\Prepare\LabBundleController;
use App\Http\Controllers\Prepare\LabCalendarController;
use App\Http\Controllers\Prepare\LabController;
use App\Http\Controllers\Prepare\LabCopyController;
use App\Http\Controllers\Prepare\LabHoursController;
use App\Http\Controllers\Prepare\LabItemController;
use App\Http\Controllers\Prepare\LabSwapController;
use App\Http\Controllers\Prepare\PeriodController;
use App\Http\Controllers\Prepare\PortionsController;
use App\Http\Controllers\Prepare\PreparationController;
use App\Http\Controllers\Prepare\PutAwayController;
use App\Http\Controllers\Prepare\RecipeArchiveController;
use App\Http\Controllers\Prepare\RecipeController;
use App\Http\Controllers\Prepare\RecipeDirectionController;
use App\Http\Controllers\Prepare\RecipeFileController;
use App\Http\Controllers\Prepare\RecipeLabController;
use App\Http\Controllers\Prepare\RecipeLineController;
use App\Http\Controllers\Prepare\RecipeStandardController;
use App\Http\Controllers\Prepare\RecipeVersionController;
use App\Http\Controllers\Prepare\SecondPeriodController;
use App\Http\Controllers\Review\CompetencyController;
use App\Http\Controllers\Review\ExperimentController;
use App\Http\Controllers\Review\FileController;
use App\Http\Controllers\Review\LabReviewController;
use App\Http\Controllers\Review\MissController;
use App\Http\Controllers\Review\MyExperimentController;
use App\Http\Controllers\Review\MyResultsController;
use App\Http\Controllers\Review\PhotoController;
use App\Http\Controllers\Review\ReviewController;
use App\Http\Controllers\Review\SheetController;
use App\Http\Controllers\Review\StepPictureController;
use App\Http\Controllers\School\CalendarController;
use App\Http\Controllers\School\EndsController;
use App\Http\Controllers\School\KitchenController;
use App\Http\Controllers\School\LogController;
use App\Http\Controllers\School\PeopleController;
use App\Http\Controllers\School\PersonSessionsController;
use App\Http\Controllers\School\ResetSlipController;
use App\Http\Controllers\School\SchoolController;
use App\Http\Controllers\School\SetUpSchoolController;
use App\Http\Controllers\School\SlipController;
use App\Http\Controllers\Search\SearchController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\Shopping\ShoppingController;
use App\Http\Controllers\SignIn\TeacherSessionController;
use App\Http\Controllers\Simulator\SimulatedComparisonController;
use App\Http\Controllers\Simulator\SimulatedWeighingController;
use App\Http\Controllers\Simulator\SimulatorController;
use App\Http\Controllers\Technique\TechniqueController;
use App\Http\Controllers\Term\TermController;
use App\Http\Controllers\Today\TodayController;
use App\Http\Controllers\Weigh\BakeController;
use App\Http\Controllers\Weigh\CausesController;
use App\Http\Controllers\Weigh\GuessController;
use App\Http\Controllers\Weigh\PortionsOfStationController;
use App\Http\Controllers\Weigh\StationCheckController;
use App\Http\Controllers\Weigh\StationWorkController;
use App\Http\Controllers\Weigh\WeighingController;
use App\Http\Controllers\Words\WordingController;
use App\Models\Kitchen;
use App\Models\School;
use App\Models\Teacher;
use Illuminate\Support\Facades\Route;

if (config('hovik.bench') === true) {
    require __DIR__.'/bench.php';
}

// A number that no table can hold is no number of anything.
foreach ([
    'lab', 'item', 'section', 'station', 'student', 'colleague', 'task', 'recipe', 'scale', 'asked', 'person', 'slip', 'kitchen',
    'tool', 'experiment',
] as $number) {
    Route::pattern($number, '\d{1,18}');
}

// Ids made on devices are letters and figures; what is none is of no weighing.
foreach (['weighing', 'event', 'check'] as $id) {
    Route::pattern($id, '[A-Za-z0-9_-]{1,40}');
}

Route::model('person', Teacher::class);

Route::prefix('api')->group(function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::post('teacher/session', [TeacherSessionController::class, 'store']);
    Route::get('join/{code}', [SectionNamesController::class, 'show'])->middleware('throttle:join');
    Route::post('join', [StudentSessionController::class, 'store'])->middleware('throttle:join');
    Route::post('set-up', [SetUpSchoolController::class, 'store']);
    Route::get('slips/{code}', [UseSlipController::class, 'show']);
    Route::post('slips/{code}', [UseSlipController::class, 'store']);
    Route::post('station/session', [StationSessionController::class, 'store']);

    // Adults: an aide, too, where a class lets them watch.
    Route::middleware('auth:teacher')->group(function (): void {
        Route::get('account', [AccountController::class, 'show']);
        Route::put('account', [AccountController::class, 'update']);
        Route::put('account/password', [PasswordController::class, 'update']);
        Route::delete('account/sessions', [AccountSessionsController::class, 'destroy']);
        Route::get('today', [TodayController::class, 'show']);
        Route::post('labs/{lab}/open', [LabStateController::class, 'open'])->can('run', 'lab');
        Route::post('labs/{lab}/close', [LabStateController::class, 'close'])->can('run', 'lab');
        Route::get('labs/{lab}/board', [BoardController::class, 'show'])->can('watch', 'lab');
        Route::get('labs/{lab}/paper', [PaperController::class, 'show'])->can('run', 'lab');
        Route::post('labs/{lab}/paper', [PaperController::class, 'store'])->can('run', 'lab');
        Route::post('labs/{lab}/pause', [LabStateController::class, 'pause'])->can('run', 'lab');
        Route::post('labs/{lab}/resume', [LabStateController::class, 'resume'])->can('run', 'lab');
        Route::post('labs/{lab}/reopen', [LabStateController::class, 'reopen'])->can('run', 'lab');
        Route::put('labs/{lab}/weighings/{weighing}/correction', [CorrectionController::class, 'update'])->can('run', 'lab');
        Route::get('labs/{lab}/weighings/{weighing}/causes', [LabCausesController::class, 'show'])->can('watch', 'lab');
        Route::post('labs/{lab}/scale-checks', [ScaleCheckController::class, 'store'])->can('run', 'lab');
        Route::put('labs/{lab}/events/{event}', [TeacherEventController::class, 'update'])->can('watch', 'lab');
        Route::post('labs/{lab}/readings', [ReadingController::class, 'store'])->can('watch', 'lab');
        Route::get('labs/{lab}/stations/{station}/gate', [GateController::class, 'show'])->withoutScopedBindings()->can('watch', 'lab');
        Route::put('labs/{lab}/make-up/{student}', [MakeUpController::class, 'update'])->withoutScopedBindings()->can('run', 'lab');
        Route::delete('labs/{lab}/make-up/{student}', [MakeUpController::class, 'destroy'])->withoutScopedBindings()->can('run', 'lab');
        Route::put('labs/{lab}/turns', [TurnController::class, 'update'])->can('run', 'lab');
        Route::get('labs/{lab}/live', [LiveController::class, 'show'])->can('watch', 'lab');
        Route::get('labs/{lab}/period', [PeriodController::class, 'show'])->can('watch', 'lab');
    });

    // Those who teach in a kitchen.
    Route::middleware(['auth:teacher', 'can:use,'.Kitchen::class])->group(function (): void {
        Route::post('labs', [LabBundleController::class, 'store']);
        Route::get('labs/{lab}/bundle', [LabBundleController::class, 'show'])->can('run', 'lab');
        Route::get('labs/{lab}/calendar.ics', [LabCalendarController::class, 'show'])->can('run', 'lab');
        Route::get('recipes/{recipe}/json-ld', [RecipeFileController::class, 'show'])->can('use', 'recipe');
        Route::post('labs/{lab}/second', [LabStateController::class, 'second'])->can('run', 'lab');
        Route::post('labs/{lab}/second-period', [SecondPeriodController::class, 'store'])->can('run', 'lab');
        Route::put('labs/{lab}/second-period', [SecondPeriodController::class, 'update'])->can('run', 'lab');
        Route::delete('labs/{lab}/second-period', [SecondPeriodController::class, 'destroy'])->can('run', 'lab');
        Route::put('labs/{lab}/period', [PeriodController::class, 'update'])->can('run', 'lab');
        Route::get('labs/{lab}/sheet', [LabController::class, 'show'])->can('run', 'lab');
        Route::put('labs/{lab}', [LabController::class, 'update'])->can('run', 'lab');
        Route::put('labs/{lab}/items/{item}', [LabItemController::class, 'update'])->scopeBindings()->can('run', 'lab');
        Route::delete('labs/{lab}/items/{item}', [LabItemController::class, 'destroy'])->scopeBindings()->can('run', 'lab');
        Route::put('labs/{lab}/items/{item}/swaps/{station}', [LabSwapController::class, 'update'])
            ->withoutScopedBindings()->can('run', 'lab');
        Route::delete('labs/{lab}/items/{item}/swaps/{station}', [LabSwapController::class, 'destroy'])
            ->withoutScopedBindings()->can('run', 'lab');
        Route::put('labs/{lab}/preparation', [PreparationController::class, 'update'])->can('run', 'lab');
        Route::post('labs/{lab}/copy', [LabCopyController::class, 'store'])->can('run', 'lab');
        Route::post('labs/{lab}/archive', [LabArchiveController::class, 'store'])->can('run', 'lab');
        Route::delete('labs/{lab}/archive', [LabArchiveController::class, 'destroy'])->can('run', 'lab');
        Route::put('labs/{lab}/hours', [LabHoursController::class, 'update'])->can('run', 'lab');
        Route::delete('labs/{lab}/hours', [LabHoursController::class, 'destroy'])->can('run', 'lab');
        Route::get('put-away', [PutAwayController::class, 'index']);
        Route::get('term', [TermController::class, 'show']);
        Route::get('search', [SearchController::class, 'index']);

        Route::post('sections', [SectionController::class, 'store']);
        Route::post('sections/import', [SectionImportController::class, 'store']);
        Route::get('sections/{section}', [SectionController::class, 'show'])->can('run', 'section');
        Route::put('sections/{section}', [SectionController::class, 'update'])->can('run', 'section');
        Route::put('sections/{section}/set-up', [SetUpController::class, 'update'])->can('run', 'section');
        Route::get('sections/archived', [ArchivedController::class, 'index']);
        Route::get('sections/{section}/end', [SectionEndController::class, 'show'])->can('own', 'section');
        Route::put('sections/{section}/end', [SectionEndController::class, 'keep'])->can('own', 'section');
        Route::get('sections/{section}/export.zip', [SectionEndController::class, 'export'])->can('run', 'section');
        Route::post('sections/{section}/archive', [SectionEndController::class, 'archive'])->can('own', 'section');
        Route::delete('sections/{section}/archive', [SectionEndController::class, 'unarchive'])->can('own', 'section');
        Route::post('sections/{section}/next-year', [SectionEndController::class, 'nextYear'])->can('own', 'section');
        Route::post('sections/{section}/erasure', [SectionEndController::class, 'destroy'])->can('own', 'section');
        Route::get('sections/{section}/students/{student}/record.zip', [StudentRecordController::class, 'show'])
            ->scopeBindings()->can('run', 'section');
        Route::get('sections/{section}/owner', [SectionOwnerController::class, 'show'])->can('own', 'section');
        Route::put('sections/{section}/owner', [SectionOwnerController::class, 'update'])->can('own', 'section');
        Route::post('sections/{section}/students/{student}/pin', [PinController::class, 'store'])->scopeBindings()->can('run', 'section');
        Route::post('sections/{section}/students/{student}/let-in', [LetInController::class, 'store'])
            ->scopeBindings()->can('run', 'section');
        Route::post('sections/{section}/code', [SectionCodeController::class, 'store'])->can('run', 'section');
        Route::post('sections/{section}/roster', [RosterController::class, 'store'])->can('run', 'section');
        Route::post('sections/{section}/seats', [SeatsController::class, 'deal'])->can('run', 'section');
        Route::put('sections/{section}/seats', [SeatsController::class, 'update'])->can('run', 'section');
        Route::post('sections/{section}/stations', [StationController::class, 'store'])->can('run', 'section');
        Route::put('sections/{section}/stations/{station}', [StationController::class, 'update'])->scopeBindings()->can('run', 'section');
        Route::delete('sections/{section}/stations/{station}', [StationController::class, 'destroy'])
            ->scopeBindings()->can('run', 'section');
        Route::put('sections/{section}/students/{student}', [StudentController::class, 'update'])->scopeBindings()->can('run', 'section');
        Route::post('sections/{section}/students/{student}/erasure', [StudentController::class, 'destroy'])
            ->scopeBindings()->can('run', 'section');
        Route::post('sections/{section}/students/{student}/merge', [StudentMergeController::class, 'store'])
            ->scopeBindings()->can('run', 'section');
        Route::post('sections/{section}/pins', [PinSlipsController::class, 'store'])->can('run', 'section');
        Route::put('sections/{section}/students/{student}/away', [AwayController::class, 'update'])->scopeBindings()->can('run', 'section');
        Route::put('sections/{section}/students/{student}/ways', [WaysController::class, 'update'])->scopeBindings()->can('run', 'section');
        Route::post('sections/{section}/colleagues', [ColleagueController::class, 'store'])->can('run', 'section');
        Route::delete('sections/{section}/colleagues/{colleague}', [ColleagueController::class, 'destroy'])
            ->scopeBindings()->can('run', 'section');

        Route::get('sections/{section}/practice', [ClassPracticeController::class, 'show'])->can('run', 'section');
        Route::post('sections/{section}/tasks', [ClassTaskController::class, 'store'])->can('run', 'section');
        Route::delete('sections/{section}/tasks/{task}', [ClassTaskController::class, 'destroy'])->scopeBindings()->can('run', 'section');
        Route::get('sections/{section}/question', [ProjectedQuestionController::class, 'show'])->can('run', 'section');
        Route::get('sections/{section}/class-question', [ClassQuestionController::class, 'show'])->can('run', 'section');
        Route::post('sections/{section}/class-question', [ClassQuestionController::class, 'store'])->can('run', 'section');
        Route::put('sections/{section}/class-question', [ClassQuestionController::class, 'update'])->can('run', 'section');
        Route::delete('sections/{section}/class-question', [ClassQuestionController::class, 'destroy'])->can('run', 'section');
        Route::post('sections/{section}/tool-lab', [ToolLabController::class, 'store'])->can('run', 'section');
        Route::get('labs/{lab}/tools', [ToolLabController::class, 'show'])->can('run', 'lab');
        Route::post('labs/{lab}/tools/accept', [ToolLabController::class, 'accept'])->can('run', 'lab');
        Route::get('sections/{section}/review', [ReviewController::class, 'show'])->can('run', 'section');
        Route::post('sections/{section}/review/practice', [ReviewController::class, 'practise'])->can('run', 'section');
        Route::post('sections/{section}/review/labs', [ReviewController::class, 'remeasure'])->can('run', 'section');
        Route::get('sections/{section}/students/{student}/review', [ReviewController::class, 'student'])
            ->scopeBindings()->can('run', 'section');
        Route::put('sections/{section}/students/{student}/note', [ReviewController::class, 'note'])
            ->scopeBindings()->can('run', 'section');
        Route::put('sections/{section}/students/{student}/language', [ReviewController::class, 'language'])
            ->scopeBindings()->can('run', 'section');
        Route::get('labs/{lab}/review', [LabReviewController::class, 'show'])->can('run', 'lab');
        Route::get('labs/{lab}/sheets', [SheetController::class, 'lab'])->can('run', 'lab');
        Route::post('sections/taken-in', [FileController::class, 'takeIn']);
        Route::get('sections/{section}/files/class.json', [FileController::class, 'json'])->can('run', 'section');
        Route::get('sections/{section}/files/oneroster.zip', [FileController::class, 'oneRoster'])->can('run', 'section');
        Route::get('sections/{section}/files/{file}.csv', [FileController::class, 'csv'])->can('run', 'section');
        Route::get('sections/{section}/skills', [CompetencyController::class, 'index'])->can('run', 'section');
        Route::put('sections/{section}/skills', [CompetencyController::class, 'update'])->can('run', 'section');
        Route::get('sections/{section}/sheets', [SheetController::class, 'term'])->can('run', 'section');
        Route::put('labs/{lab}/review/read', [LabReviewController::class, 'read'])->can('run', 'lab');
        Route::put('labs/{lab}/review/note', [LabReviewController::class, 'note'])->can('run', 'lab');
        Route::put('step-pictures/{of}', [StepPictureController::class, 'update']);
        Route::delete('step-pictures/{of}', [StepPictureController::class, 'destroy']);
        Route::get('rubrics', [RubricController::class, 'index']);
        Route::post('rubrics', [RubricController::class, 'store']);
        Route::put('rubrics/{rubric}', [RubricController::class, 'update'])->can('use', 'rubric');
        Route::delete('rubrics/{rubric}', [RubricController::class, 'destroy'])->can('use', 'rubric');
        Route::put('labs/{lab}/rubric', [RubricController::class, 'give'])->can('run', 'lab');
        Route::get('labs/{lab}/marks', [MarkController::class, 'index'])->can('run', 'lab');
        Route::post('labs/{lab}/marks/on-time', [MarkController::class, 'onTime'])->can('run', 'lab');
        Route::post('labs/{lab}/marks/given-back', [MarkController::class, 'giveBack'])->can('run', 'lab');
        Route::delete('labs/{lab}/marks/given-back', [MarkController::class, 'takeBack'])->can('run', 'lab');
        Route::put('labs/{lab}/marks/{student}', [MarkController::class, 'update'])->withoutScopedBindings()->can('run', 'lab');
        Route::post('labs/{lab}/marks/{student}/accept', [MarkController::class, 'accept'])->withoutScopedBindings()->can('run', 'lab');
        Route::delete('labs/{lab}/marks/{student}/accept', [MarkController::class, 'reopen'])->withoutScopedBindings()->can('run', 'lab');
        Route::get('sections/{section}/misses', [MissController::class, 'show'])->can('run', 'section');
        Route::get('sections/{section}/experiments', [ExperimentController::class, 'index'])->can('run', 'section');
        Route::post('sections/{section}/experiments', [ExperimentController::class, 'store'])->can('run', 'section');
        Route::get('experiments/{experiment}', [ExperimentController::class, 'show'])->can('run', 'experiment');
        Route::post('experiments/{experiment}/open', [ExperimentController::class, 'open'])->can('run', 'experiment');
        Route::post('experiments/{experiment}/result', [ExperimentController::class, 'reveal'])->can('run', 'experiment');
        Route::put('experiments/{experiment}/weighings/{weighing}', [ExperimentController::class, 'weigh'])->can('run', 'experiment');
        Route::delete('experiments/{experiment}', [ExperimentController::class, 'destroy'])->can('run', 'experiment');
        Route::get('chart', [ChartController::class, 'show']);
        Route::get('drawer/checking', [DrawerCheckController::class, 'index']);
        Route::put('drawer/checks/{check}', [DrawerCheckController::class, 'update']);
        Route::post('drawer/checks/{check}/accept', [DrawerCheckController::class, 'accept'])->can('accept', 'check');
        Route::delete('drawer/checks/{check}/accept', [DrawerCheckController::class, 'reopen'])->can('accept', 'check');
        Route::delete('drawer/checks/{check}', [DrawerCheckController::class, 'refuse'])->can('accept', 'check');
        Route::put('drawer/named/{tool}', [NamedToolController::class, 'update'])->can('use', 'tool');
        Route::delete('drawer/named/{tool}', [NamedToolController::class, 'destroy'])->can('use', 'tool');
        Route::post('drawer/scales/{scale}/checks', [FullScaleCheckController::class, 'store'])->can('use', 'scale');
        Route::get('drawer', [DrawerController::class, 'show']);
        Route::put('drawer/tools/{id}', [ToolController::class, 'update']);
        Route::post('drawer/scales', [ScaleController::class, 'store']);
        Route::put('drawer/scales/{scale}', [ScaleController::class, 'update'])->can('use', 'scale');
        Route::delete('drawer/scales/{scale}', [ScaleController::class, 'destroy'])->can('use', 'scale');

        Route::get('pantry', [PantryController::class, 'index']);
        Route::post('pantry', [PantryController::class, 'store']);
        Route::get('pantry/{ingredient}/measure', [NearestMeasureController::class, 'show']);
        Route::put('pantry/{ingredient}', [PantryController::class, 'update']);
        Route::delete('pantry/{ingredient}', [PantryController::class, 'destroy']);
        Route::get('pantry/{ingredient}/standard', [StandardController::class, 'show']);
        Route::put('pantry/{ingredient}/standard', [StandardController::class, 'update']);
        Route::post('pantry/{ingredient}/standard/adoption', [StandardController::class, 'adopt']);
        Route::delete('pantry/{ingredient}/standard', [StandardController::class, 'destroy']);
        Route::post('pantry/{ingredient}/bags', [StandardController::class, 'bag']);
        Route::get('pantry/names', [PantryNamesController::class, 'index']);
        Route::get('shopping', [ShoppingController::class, 'show']);
        Route::put('pantry/{ingredient}/pack', [ShoppingController::class, 'update']);
        Route::delete('pantry/{ingredient}/pack', [ShoppingController::class, 'destroy']);
        Route::get('wordings', [WordingController::class, 'index']);
        Route::put('wordings/{phrase}', [WordingController::class, 'update']);
        Route::delete('wordings/{phrase}', [WordingController::class, 'destroy']);
        Route::get('recipes', [RecipeController::class, 'index']);
        Route::get('portions', [PortionsController::class, 'show']);
        Route::post('recipes', [RecipeController::class, 'store']);
        Route::get('recipes/{recipe}', [RecipeController::class, 'show'])->can('use', 'recipe');
        Route::post('recipes/{recipe}/versions', [RecipeVersionController::class, 'store'])->can('use', 'recipe');
        Route::post('recipes/{recipe}/archive', [RecipeArchiveController::class, 'store'])->can('use', 'recipe');
        Route::delete('recipes/{recipe}/archive', [RecipeArchiveController::class, 'destroy'])->can('use', 'recipe');
        Route::put('recipes/{recipe}/standard', [RecipeStandardController::class, 'update'])->can('use', 'recipe');
        Route::post('recipes/{recipe}/lines', [RecipeLineController::class, 'store'])->can('use', 'recipe');
        Route::put('recipes/{recipe}/lines/{line}', [RecipeLineController::class, 'update'])->can('use', 'recipe');
        Route::put('recipes/{recipe}/directions/{step}', [RecipeDirectionController::class, 'update'])
            ->whereNumber('step')->can('use', 'recipe');
        Route::post('recipes/{recipe}/labs', [RecipeLabController::class, 'store'])->can('use', 'recipe');
    });

    // The school's keeper.
    Route::middleware(['auth:teacher', 'can:keep,'.School::class])->group(function (): void {
        Route::get('school', [SchoolController::class, 'show']);
        Route::put('school', [SchoolController::class, 'update']);
        Route::get('school/calendar', [CalendarController::class, 'show']);
        Route::put('school/calendar', [CalendarController::class, 'update']);
        Route::post('school/kitchens', [KitchenController::class, 'store']);
        Route::put('school/kitchens/{kitchen}', [KitchenController::class, 'update'])->can('keep', 'kitchen');
        Route::get('school/people', [PeopleController::class, 'index']);
        Route::put('school/people/{person}', [PeopleController::class, 'update'])->can('keep', 'person');
        Route::delete('school/people/{person}/sessions', [PersonSessionsController::class, 'destroy'])->can('keep', 'person');
        Route::post('school/people/{person}/slip', [ResetSlipController::class, 'store'])->can('keep', 'person');
        Route::post('school/slips', [SlipController::class, 'store']);
        Route::delete('school/slips/{slip}', [SlipController::class, 'destroy'])->can('keep', 'slip');
        Route::get('school/ends', [EndsController::class, 'index']);
        Route::get('school/log', [LogController::class, 'index']);
    });

    Route::middleware(['auth:student,station', 'ends-with-lab'])->group(function (): void {
        Route::get('work', [StationWorkController::class, 'show']);
        Route::put('weighings/{weighing}', [WeighingController::class, 'update']);
        Route::get('weighings/{weighing}', [WeighingController::class, 'show'])->can('view', 'weighing');
        Route::get('weighings/{weighing}/causes', [CausesController::class, 'show'])->can('view', 'weighing');
        Route::put('weighings/{weighing}/guess', [GuessController::class, 'update'])->can('view', 'weighing');
        Route::get('checking', [ToolCheckController::class, 'index']);
        Route::put('checks/{check}', [ToolCheckController::class, 'update']);
        Route::post('checks/{check}/hand-in', [ToolCheckController::class, 'handIn'])->can('make', 'check');
        Route::get('photos', [PhotoController::class, 'index']);
        Route::put('photos/{photo}', [PhotoController::class, 'update']);
        Route::get('experiment', [MyExperimentController::class, 'show']);
        Route::put('experiment/weighings/{weighing}', [MyExperimentController::class, 'update']);
        Route::post('experiment/difference', [MyExperimentController::class, 'difference']);
        Route::get('bake', [BakeController::class, 'show']);
        Route::get('sections/{section}/stations/{station}/live', [LiveController::class, 'station'])->withoutScopedBindings();
        Route::put('events/{event}', [StationEventController::class, 'update']);
        Route::put('work/checks/{kind}', [StationCheckController::class, 'update']);
        Route::post('work/portions', [PortionsOfStationController::class, 'store']);
        Route::put('bake/{fault}', [BakeController::class, 'update']);
        Route::delete('bake/{fault}', [BakeController::class, 'destroy']);
    });

    // A student's own practice.
    Route::middleware('auth:student')->group(function (): void {
        Route::get('practice/tasks', [TaskController::class, 'index']);
        Route::get('practice', [PracticeController::class, 'show']);
        Route::post('practice/{turn}', [PracticeController::class, 'store'])->where('turn', '\d{1,9}');
        Route::post('practice/scale', [PracticeScaleController::class, 'store']);
        Route::get('results', [MyResultsController::class, 'show']);
        Route::get('class-question', [MyClassQuestionController::class, 'show']);
        Route::post('class-question/{asked}', [MyClassQuestionController::class, 'store']);
    });

    Route::get('sections/{section}/live', [LiveController::class, 'section'])->middleware('auth:teacher,student')->can('attend', 'section');

    Route::middleware(['auth:teacher,student,station', 'ends-with-lab'])->group(function (): void {
        Route::get('photos/{photo}/jpeg', [PhotoController::class, 'show'])->can('see', 'photo');
        Route::delete('photos/{photo}', [PhotoController::class, 'destroy'])->can('see', 'photo');
        Route::get('step-pictures/{of}/jpeg', [StepPictureController::class, 'show']);
    });

    // Anybody who is signed in may try things in the simulator; nothing there is stored.
    Route::middleware(['auth:teacher,student,station', 'ends-with-lab', 'throttle:simulator'])->group(function (): void {
        Route::get('techniques', [TechniqueController::class, 'index']);
        Route::get('simulator', [SimulatorController::class, 'show']);
        Route::post('simulator/weighings', [SimulatedWeighingController::class, 'store']);
        Route::post('simulator/comparisons', [SimulatedComparisonController::class, 'store']);
    });

    Route::any('{unknown}', fn () => abort(404))->where('unknown', '.*');
});

// What the web server would not take for its size, in words.
Route::get('too-large', fn () => throw Refusal::tooLarge());

// Everything else is a screen; the browser's router takes it from here.
Route::view('{screen}', 'app')->where('screen', '.*');

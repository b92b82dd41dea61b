<?php

declare(strict_types=1);

use App\Models\Lab;
use App\Models\Section;
use App\Models\Student;
use App\Models\Weighing;
use Database\Seeders\TarnValley;

it('seeds the demo school, the same every time', function () {
    $this->seed(TarnValley::class);
    $grams = Weighing::query()->orderBy('id')->pluck('grams')->all();
    expect(Section::query()->sole()->stations)->toHaveCount(6)->and(Student::query()->count())->toBe(22)
        ->and(Lab::query()->toBase()->pluck('state')->sort()->values()->all())->toBe([...array_fill(0, 7, 'closed'), 'open', 'prepared']);
    $verdicts = Weighing::query()->toBase()->distinct()->pluck('verdict')->sort()->values()->all();
    expect($verdicts)->toBe(['heaped', 'level', 'shy', 'too-close']);
    Weighing::query()->delete();
    foreach ([App\Models\ToolCheck::class, App\Models\ScaleCalibration::class, App\Models\OwnStandard::class, App\Models\Bag::class] as $of) {
        $of::query()->delete();
    }
    Section::query()->delete();
    App\Models\Recipe::query()->delete();
    App\Models\Teacher::query()->delete();
    App\Models\Kitchen::query()->delete();
    (new TarnValley(hasPractised: false))->make(); // no practice changes what was weighed
    expect(Weighing::query()->orderBy('id')->pluck('grams')->all())->toBe($grams);
});

it('lets in with the sign-ins that start prints and the README names', function () {
    (new TarnValley(hasTerm: false))->make();
    $root = dirname(__DIR__, 2);
    foreach (['ops/start.sh', 'README.md'] as $file) {
        $text = (string) file_get_contents("$root/$file");
        foreach ([TarnValley::EMAIL, TarnValley::PASSWORD, TarnValley::CLASS_CODE, TarnValley::PIN, 'HAZEL234'] as $needed) {
            expect(str_contains($text, $needed))->toBeTrue("$file does not say $needed");
        }
    }
    $this->postJson('/api/teacher/session', ['email' => TarnValley::EMAIL, 'password' => TarnValley::PASSWORD])->assertOk();
    $student = Student::query()->first();
    $this->postJson('/api/join', ['code' => TarnValley::CLASS_CODE, 'student_id' => $student->id, 'pin' => TarnValley::PIN])->assertOk();
    $this->postJson('/api/station/session', ['code' => 'HAZEL234'])->assertOk();
});

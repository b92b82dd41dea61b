<?php

declare(strict_types=1);

// A wide spread of questions is answered as it was: see kept/answers.php.

it('answers as is kept', function (string $subject) {
    $answers = require __DIR__.'/kept/answers.php';
    $kept = json_decode((string) file_get_contents(__DIR__."/kept/$subject.json"), true, 64, JSON_THROW_ON_ERROR);
    $now = $answers->of($subject);
    expect(array_keys($now))->toBe(array_keys($kept));
    foreach ($kept as $label => $answer) {
        expect($now[$label])->toEqual($answer, "$subject, $label");
    }
})->with((require __DIR__.'/kept/answers.php')->subjects());

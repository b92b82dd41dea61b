<?php

declare(strict_types=1);

// A wide spread of questions is answered as it was: see kept/answers.php.

it('answers as is kept', function (string $subject) {
    $answers = require __DIR__.'/kept/answers.php';
    $kept = json_decode((string) file_get_contents(__DIR__."/kept/$subject.json"), true, 64, JSON_THROW_ON_ERROR);
    $now = $answers->of($subject);
    // The first difference, in short: a whole page of them is slow to draw and tells nobody more.
    foreach ($kept + $now as $label => $any) {
        [$was, $is] = [json_encode($kept[$label] ?? null), json_encode($now[$label] ?? null)];
        if ($was !== $is) {
            $from = max(0, strspn($was ^ $is, "\0") - 80);
            $this->fail("$subject, $label: was …".substr($was, $from, 300)."…\nis …".substr($is, $from, 300).'…');
        }
    }
    expect(count($now))->toBe(count($kept))->toBeGreaterThan(4);
})->with((require __DIR__.'/kept/answers.php')->subjects());

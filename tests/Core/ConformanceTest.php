<?php

declare(strict_types=1);

use Hovik\Core\Ask\Ask;
use Hovik\Core\InvalidInput;

/** Every case: the verb's answer holds what is expected; keys that are not named are free. */
function assertHolds(mixed $expected, mixed $actual, string $path): void
{
    if (is_array($expected) && isset($expected['about'], $expected['within'])) {
        expect($actual)->toBeNumeric("$path is not a number");
        expect(abs($actual - $expected['about']))->toBeLessThanOrEqual(
            $expected['within'], "$path: ".json_encode($actual).' is not about '.json_encode($expected),
        );

        return;
    }
    if (! is_array($expected)) {
        expect($actual)->toEqual($expected, "$path: ".json_encode($actual).' is not '.json_encode($expected));

        return;
    }
    expect($actual)->toBeArray("$path is missing");
    if (array_keys($expected) === ['first']) { // of a list, whatever follows
        assertHolds([$expected['first']], array_slice($actual, 0, 1), $path);

        return;
    }
    if (array_is_list($expected)) {
        expect(count($actual))->toBe(count($expected), "$path: ".json_encode($actual).' has another length than '.json_encode($expected));
    }
    foreach ($expected as $key => $value) {
        expect(array_key_exists($key, $actual))->toBeTrue("$path.$key is missing");
        assertHolds($value, $actual[$key], "$path.$key");
    }
}

dataset('cases', function () {
    foreach (glob(__DIR__.'/conformance/*.json') ?: [] as $file) {
        foreach (json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR) as $i => $case) {
            yield basename($file, '.json')." $i: {$case['why']}" => [$case];
        }
    }
});

it('answers as the craft expects', function (array $case) {
    try {
        $answer = Ask::answer($case['verb'], $case['given']);
    } catch (InvalidInput $refusal) {
        $answer = ['error' => ['field' => $refusal->field, 'message' => $refusal->getMessage()]];
    }
    // As the shell would see it.
    assertHolds($case['expect'], json_decode((string) json_encode($answer), true), $case['verb']);
})->with('cases');

it('answers the shell with one object, and with status 2 and the field for bad input', function () {
    $run = function (string $verb, string $given): array {
        $process = proc_open(
            [PHP_BINARY, dirname(__DIR__, 2).'/ops/ask.php', $verb], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes,
        );
        fwrite($pipes[0], $given);
        fclose($pipes[0]);
        $out = json_decode((string) stream_get_contents($pipes[1]), true);

        return [proc_close($process), $out];
    };
    [$status, $answer] = $run('judge', '{"target_g":94,"tolerance_pct":5,"weighed_g":104,"scale":{"readability_g":1,"u_cal_g":0}}');
    expect($status)->toBe(0)->and($answer['verdict'])->toBe('heaped');
    [$status, $answer] = $run('judge', '{"target_g":-1}');
    expect($status)->toBe(2)->and($answer['error']['field'])->toBe('scale');
    [$status, $answer] = $run('judge', 'not json');
    expect($status)->toBe(2)->and($answer['error'])->toHaveKeys(['field', 'message']);
    [$status, $answer] = $run('dance', '{}');
    expect($status)->toBe(2)->and($answer['error']['field'])->toBe('verb');
});

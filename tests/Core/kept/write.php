<?php

declare(strict_types=1);

/** Writes what the core answers now over what is kept; the difference is to be read before it is committed. */
require dirname(__DIR__, 3).'/vendor/autoload.php';

$answers = require __DIR__.'/answers.php';
foreach ($answers->subjects() as $subject) {
    $rows = [];
    foreach ($answers->of($subject) as $label => $answer) {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;
        $rows[] = json_encode((string) $label, $flags).': '.json_encode($answer, $flags);
    }
    file_put_contents(__DIR__."/$subject.json", "{\n".implode(",\n", $rows)."\n}\n"); // a row each: differences are read by row
    echo count($rows), " $subject\n";
}

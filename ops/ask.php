<?php

declare(strict_types=1);

use Hovik\Core\Ask\Ask;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

require dirname(__DIR__).'/vendor/autoload.php';

// One JSON object in on standard input, one out. Bad input: exit status 2 and the field that is wrong.
try {
    $text = (string) stream_get_contents(STDIN, 1_000_000);
    $given = json_decode(trim($text) === '' ? '{}' : $text, true, 32);
    if (! is_array($given) || ($given !== [] && array_is_list($given))) {
        throw InvalidInput::because('', Phrase::of('refusal.must-be-object', ['name' => 'JSON']));
    }
    $answer = Ask::answer($argv[1] ?? '', $given);
    $status = 0;
} catch (InvalidInput $refusal) {
    $answer = ['error' => ['field' => $refusal->field, 'message' => $refusal->getMessage()]];
    $status = 2;
}
echo json_encode($answer, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR), "\n";
exit($status);

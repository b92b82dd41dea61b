<?php

declare(strict_types=1);

use Hovik\Core\Weighing\ScaleReport;

it('reads a standing weight out of the bytes of a scale', function (string $hex, ?float $grams) {
    expect(ScaleReport::read($hex)?->grams)->toBe($grams);
})->with([
    'grams' => ['040200ef00', 239.0], 'tenths' => ['0402ff5609', 239.0], 'kilograms' => ['0403fdef00', 239.0], 'mg' => ['040103ef00', 239.0],
    'ounces' => ['040bfe4b03', 238.986480], 'pounds' => ['040cfd0f02', 239.043179],
    'nothing on it' => ['0402000000', 0.0], 'longer reports' => ['040200ef000000', 239.0], 'the most' => ['040200ffff', 65535.0],
    'moving' => ['030200ef00', null], 'over' => ['060200ef00', null], 'zero' => ['0202000000', null], 'no unit' => ['040700ef00', null],
    'no such power' => ['040207ef00', null], 'nor this one' => ['0402f9ef00', null], 'short' => ['040200ef', null], 'no bytes' => ['239', null],
    'empty' => ['', null], 'capitals' => ['040200EF00', null], 'too long' => ['040200ef0000000000', null], "a line's end" => ["040200ef00\n", null],
]);

it('says whether a number is what it shows', function () {
    $report = ScaleReport::read('0402ff5609');
    expect([$report?->shows(239.0), $report?->shows(239.1), $report?->shows(23.9)])->toBe([true, false, false]);
});

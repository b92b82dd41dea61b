<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use Hovik\Core\Lab\EditedList;

/** A point of a list that Hovik proposes and the teacher changes. */
final readonly class EditedPoint extends View
{
    /**
     * @param  bool  $own  written by the teacher
     * @param  bool  $out  taken out by the teacher; it can be put back
     */
    public function __construct(public string $key, public string $text, public bool $own, public bool $out)
    {
    }

    /**
     * @param  array<string, string>  $proposed  by key
     * @return list<self>
     */
    public static function all(array $proposed, EditedList $edited): array
    {
        $points = [];
        foreach ($proposed as $key => $text) {
            $points[] = new self($key, $text, false, $edited->hasOut($key));
        }
        foreach ($edited->ownByKey() as $key => $text) {
            $points[] = new self($key, $text, true, false);
        }

        return $points;
    }
}

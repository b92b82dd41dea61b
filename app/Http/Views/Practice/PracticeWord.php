<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Words\Phrase;

/** A part of a recipe line that can be marked. */
final readonly class PracticeWord extends View
{
    public function __construct(
        public string $id,
        public string $said,
    ) {
    }

    /**
     * The parts as the reader's language puts them together: a comma before what is done afterwards.
     *
     * @param  mixed  $parts  of the question's maker
     * @return list<self>|null
     */
    public static function line(mixed $parts): ?array
    {
        if (! is_array($parts)) {
            return null;
        }
        $said = array_column($parts, null, 'part');
        $line = [];
        foreach (explode(' ', Said::phrase(Phrase::of('practice.wording.order'))) as $part) {
            $one = $said[$part] ?? null;
            if ($part === ',' && isset($said['after'])) {
                $last = array_pop($line);
                $line[] = new self($last->id ?? '', ($last->said ?? '').',');
            } elseif (is_array($one) && is_string($one['id']) && $one['said'] instanceof Phrase) {
                $line[] = new self($one['id'], Said::phrase($one['said']));
            }
        }

        return $line;
    }
}

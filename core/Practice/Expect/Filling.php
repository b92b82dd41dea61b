<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Expect;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Words\Phrase;

/** One tool filled once, to its rim or to a line: what is counted where tools are chosen. */
final readonly class Filling
{
    /** @param  string|null  $spoils  the mistake it is to measure this food in it; null where it suits */
    public function __construct(public Fill $fill, public ?string $spoils = null)
    {
    }

    public function id(): string
    {
        return self::idOf($this->fill);
    }

    public static function idOf(Fill $fill): string
    {
        return $fill->tool->id.($fill->toMark === null ? '' : '@'.$fill->toMark->text);
    }

    public function said(): Phrase
    {
        $mark = $this->fill->toMark;

        return $mark === null ? $this->fill->tool->called() : Phrase::of(
            'practice.to-line', ['tool' => $this->fill->tool->called(), 'line' => $mark->amount ?? $mark->text],
        );
    }

    public function choice(): Choice
    {
        $tool = $this->fill->tool;

        return new Choice($this->id(), $this->said(), null, [
            'kind' => $tool->kind->value, 'ml' => $tool->aboutMl, 'nominal' => $tool->nominal, 'mark_ml' => $this->fill->toMark?->about,
        ]);
    }
}

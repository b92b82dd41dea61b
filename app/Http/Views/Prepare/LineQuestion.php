<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\ReadLine;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Words\Phrase;

final readonly class LineQuestion extends View
{
    /** @param  bool  $kind  a plain word for several kinds of food: one tick says it for the whole kitchen */
    public function __construct(
        public Flag $id,
        public string $text,
        public bool $must,
        public bool $kind,
    ) {
    }

    public static function of(Flag $flag, ReadLine $read, MeasureStandard $standard): self
    {
        $name = $read->ingredient === null ? $read->name : Phrase::of("ingredient.{$read->ingredient->id}");
        $amount = SettledLine::amount($read, $standard) ?? '';

        return new self(
            $flag, Said::phrase(Phrase::of("flag.$flag->value", ['amount' => $amount, 'name' => $name])), $flag->mustBeSettled(),
            $flag->isAboutKind(),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Words\Phrase;

final readonly class RosterFault extends View
{
    /**
     * @param  int  $row  0: the file as a whole
     */
    public function __construct(
        public int $row,
        public string $text,
    ) {
    }

    public function said(): string
    {
        return $this->row === 0 ? $this->text : Said::phrase(Phrase::of('refusal.in-row', ['row' => $this->row, 'why' => $this->text]));
    }
}

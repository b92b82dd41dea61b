<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Practice\Aim;

final readonly class AimRow extends View
{
    public function __construct(
        public string $id,
        public string $said,
        public bool $safety,
    ) {
    }

    public static function of(Aim $aim): self
    {
        return new self($aim->id(), Said::phrase($aim->said()), $aim->point !== null);
    }
}

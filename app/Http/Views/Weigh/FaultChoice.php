<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use Hovik\Core\Bake\Fault;

final readonly class FaultChoice extends View
{
    public function __construct(
        public Fault $id,
        public string $said,
        public bool $chosen,
    ) {
    }
}

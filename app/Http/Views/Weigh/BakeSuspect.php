<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use Hovik\Core\Weighing\Verdict;

final readonly class BakeSuspect extends View
{
    public function __construct(
        public string $weighing_id,
        public Verdict $verdict,
        public string $said,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use Hovik\Core\Weighing\Verdict;

final readonly class WatchOut extends View
{
    public function __construct(
        public string $text,
        public Verdict $leads_to,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Views\Checks;

use App\Http\Views\View;
use Hovik\Core\Calibration\Inspection;

/** What is looked at before a tool is filled. */
final readonly class PointToInspect extends View
{
    /**
     * @param  string  $good  as it should be
     * @param  string  $bad  what is said where it is not
     */
    public function __construct(public Inspection $id, public string $good, public string $bad)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Models\Lab;
use App\Words\Said;

/** A tool that lies on the floor of a station. */
final readonly class FallenTool extends View
{
    public function __construct(public string $tool, public string $called)
    {
    }

    /**
     * @param  list<string>  $ids
     * @return list<self>
     */
    public static function all(Lab $lab, array $ids): array
    {
        $fallen = [];
        foreach ($ids === [] ? [] : $lab->frozen->drawer ?? [] as $tool) {
            if (in_array($tool->id, $ids, true)) {
                $fallen[] = new self($tool->id, Said::phrase($tool->called()));
            }
        }

        return $fallen;
    }
}

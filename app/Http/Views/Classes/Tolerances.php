<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\JsonMap;
use App\Http\Views\View;

/** What a class settled on as Level. */
final readonly class Tolerances extends View
{
    /**
     * @param  JsonMap<float>  $percents  its own, by family
     * @param  float  $small_floor_g  the least asked of anyone for small amounts
     * @param  float  $floor_g  the least asked of anyone
     */
    public function __construct(public JsonMap $percents, public float $small_floor_g, public float $floor_g)
    {
    }
}

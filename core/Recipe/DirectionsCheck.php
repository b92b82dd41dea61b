<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;

/** Compares the ingredient list with the directions: what is listed and never used, used and not listed, listed twice. */
final readonly class DirectionsCheck
{
    public function __construct(private Pantry $pantry)
    {
    }

    /**
     * @param  list<Ingredient|null>  $listed  by line; null where the line was not read
     * @param  list<string>  $directions
     * @return list<Finding>
     */
    public function check(array $listed, array $directions): array
    {
        $lines = [];
        foreach ($listed as $position => $ingredient) {
            if ($ingredient !== null) {
                $lines[$ingredient->id][] = $position;
            }
        }
        $findings = [];
        foreach ($lines as $id => $positions) {
            if (count($positions) > 1) {
                $findings[] = new Finding(Finding::LISTED_TWICE, $id, $positions);
            }
        }
        $text = implode("\n", $directions);
        if (trim($text) === '') {
            return $findings;
        }
        $said = new FoodMentions($this->pantry, $text);
        foreach ($lines as $id => $positions) {
            if (! $said->has($this->pantry->ingredient($id))) {
                $findings[] = new Finding(Finding::NEVER_USED, $id, $positions);
            }
        }
        foreach ($said->others(array_keys($lines)) as $id) {
            $findings[] = new Finding(Finding::NOT_LISTED, $id, []);
        }

        return $findings;
    }
}

<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

/** What a food is one of, where rules speak of the kind: column `kind` of core/data/ingredients.csv. */
enum Kind: string
{
    /** Powder that cakes: lumps are broken before anything else. */
    case LumpyPowder = 'lumpy-powder';
    /** Shares the technique of spices, and is cupped all the same. */
    case Cupped = 'cupped';
    /** Weighed without its shell; boxes hold several sizes. */
    case WholeEgg = 'whole-egg';
    // A recipe that names only one of these asks which.
    case Salt = 'salt';
    case Yeast = 'yeast';
    case Cornmeal = 'cornmeal';
    case Breadcrumbs = 'breadcrumbs';
    case Coffee = 'coffee';
}

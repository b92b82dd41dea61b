<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

/** What a food is one of, where rules speak of the kind: column `kind` of core/data/ingredients.csv. */
enum Kind: string
{
    /** Baker's percentages count against it: flour and meal, not starch, cocoa or sugar. */
    case Flour = 'flour';
    /** Powder that cakes: lumps are broken before anything else. */
    case LumpyPowder = 'lumpy-powder';
    /** Shares the technique of spices, and is cupped all the same. */
    case Seed = 'seed';
    /** A liquid by the spoon, for its taste. */
    case Splash = 'splash';
    // A recipe that names only one of these asks which.
    case Salt = 'salt';
    case Yeast = 'yeast';
    case Cornmeal = 'cornmeal';
    case Breadcrumbs = 'breadcrumbs';
    case Coffee = 'coffee';
}

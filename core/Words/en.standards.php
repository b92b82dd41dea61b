<?php

declare(strict_types=1);

// The class's own standards and experiments. Same keys as es.standards.php.
return [
    'compare.more' => '{second} gives {grams} g more than {first}, give or take {half} g ({percent}%).',
    'compare.less' => '{second} gives {grams} g less than {first}, give or take {half} g ({percent}%).',
    'compare.more-hands' => '{second} gives {grams} g more than {first}, give or take {half} g ({percent}%): {so} of {n} cups were heavier.',
    'compare.less-hands' => '{second} gives {grams} g less than {first}, give or take {half} g ({percent}%): {so} of {n} cups were lighter.',
    'compare.not-told' => 'Not enough weigh-ins to tell {first} and {second} apart yet: the difference is at most {grams} g.',
    'compare.none-told' => 'Not enough weigh-ins to tell any two of these apart yet.',
    'uncertainty.repeats' => 'how well the fills repeat',
    'uncertainty.steps' => "the scale's steps",
    'uncertainty.scale' => "the scale's own doubt",
    'uncertainty.temperature' => "the water's temperature",
    'uncertainty.air' => 'The lift of the air, about 0.1%, is left out.',
];

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
    'components.none' => 'Nothing stands out: these weigh-ins differ by chance.',
    'components.bag.more' => '{name} runs {grams} g heavy, whoever measures it. Weigh your own cup of it.',
    'components.bag.less' => '{name} runs {grams} g light, whoever measures it. Weigh your own cup of it.',
    'components.tool.more' => '{name} gives {grams} g too much. Check it with water.',
    'components.tool.less' => '{name} gives {grams} g too little. Check it with water.',
    'components.scale.more' => '{name} shows {grams} g too much. Check that scale.',
    'components.scale.less' => '{name} shows {grams} g too little. Check that scale.',
    'components.student.more' => '{name} packs a little: {grams} g over. Practice a lighter hand.',
    'components.student.less' => '{name} fills a little short: {grams} g under. Practice filling to the rim.',
    'components.together.more' => '{name} give {grams} g too much together. They were never used apart: swap one.',
    'components.together.less' => '{name} give {grams} g too little together. They were never used apart: swap one.',
];

<?php

declare(strict_types=1);

// How recipes in English are written, word by word; what each list is for stands at Hovik\Core\Recipe\Line\LanguagePack.

use Hovik\Core\Recipe\Line\LanguagePack;

return new LanguagePack(
    numbers: [
        'one' => '1', 'two' => '2', 'three' => '3', 'four' => '4', 'five' => '5', 'six' => '6', 'seven' => '7', 'eight' => '8',
        'nine' => '9', 'ten' => '10', 'eleven' => '11', 'twelve' => '12', 'thirteen' => '13', 'fourteen' => '14',
        'fifteen' => '15', 'sixteen' => '16', 'seventeen' => '17', 'eighteen' => '18', 'nineteen' => '19', 'twenty' => '20',
        'thirty' => '30', 'forty' => '40', 'fifty' => '50', 'sixty' => '60', 'seventy' => '70', 'eighty' => '80', 'ninety' => '90',
    ],
    parts: [
        'half' => 2, 'halves' => 2, 'third' => 3, 'thirds' => 3, 'quarter' => 4, 'quarters' => 4, 'fourth' => 4,
        'fourths' => 4, 'fifth' => 5, 'fifths' => 5, 'sixth' => 6, 'sixths' => 6, 'eighth' => 8, 'eighths' => 8,
    ],
    sizes: [
        'heaped' => 'heaped', 'heaping' => 'heaped', 'rounded' => 'heaped', 'mounded' => 'heaped', 'scant' => 'scant',
        'shy' => 'scant', 'level' => 'level', 'generous' => 'heaped',
    ],
    containers: [
        'bag', 'bags', 'box', 'boxes', 'bottle', 'bottles', 'carton', 'cartons', 'tub', 'tubs', 'block', 'blocks', 'bar',
        'bars', 'container', 'containers',
    ],
    handlings: [
        'sifted', 'packed', 'melted', 'softened', 'chopped', 'diced', 'minced', 'grated', 'shredded', 'sliced', 'crushed',
        'ground', 'mashed', 'pureed', 'beaten', 'whisked', 'whipped', 'toasted', 'roasted', 'browned', 'warmed', 'cooled',
        'chilled', 'frozen', 'thawed', 'drained', 'rinsed', 'soaked', 'peeled', 'cored', 'pitted', 'seeded', 'cubed', 'halved',
        'quartered', 'crumbled', 'flaked', 'slivered', 'cooked', 'boiled', 'scalded', 'dissolved', 'strained', 'squeezed',
        'cut', 'broken', 'separated', 'spooned', 'leveled', 'levelled', 'hulled', 'zested',
    ],
    forms: [
        'chopped', 'sliced', 'grated', 'shredded', 'mashed',
    ],
    how: [
        'finely', 'coarsely', 'roughly', 'freshly', 'firmly', 'well', 'very', 'thinly', 'thickly', 'slightly', 'gently',
        'lightly', 'loosely', 'tightly', 'evenly', 'just', 'already',
    ],
    plain: [
        'fresh', 'organic', 'unsalted', 'salted', 'large', 'small', 'medium', 'big', 'cold', 'warm', 'hot', 'lukewarm',
        'tepid', 'boiling', 'iced', 'ice', 'cool', 'ripe', 'overripe', 'raw', 'pure', 'good', 'quality', 'best', 'plain',
        'fine', 'dry', 'whole', 'free', 'range', 'natural', 'unsweetened', 'sweetened', 'soft', 'firm', 'soured', 'full',
        'fat', 'low', 'reduced', 'extra', 'virgin', 'active', 'quick', 'favourite', 'favorite', 'your', 'home', 'made',
        'homemade', 'local', 'clear', 'runny', 'unbleached', 'bleached', 'enriched', 'room', 'temperature', 'seedless', 'mild',
        'sharp', 'old', 'new', 'tart', 'sweet', 'light', 'dark', 'white', 'regular', 'standard', 'mature', 'the', 'some',
        'more', 'ordinary', 'fashioned', 'style', 'cooking', 'process', 'dried', 'rolled', 'proof', 'grade', 'lg', 'lrg', 'med', 'sm',
        'xl', 'jumbo',
    ],
    remarks: [
        'and', 'or', 'then', 'into', 'in', 'to', 'for', 'at', 'of', 'with', 'without', 'on', 'from', 'until', 'if', 'as',
        'per', 'by', 'about', 'a', 'an', 'the', 'each', 'needed', 'necessary', 'desired', 'wanted', 'using', 'like', 'pieces',
        'piece', 'cubes', 'cube', 'chunks', 'chunk', 'slices', 'strips', 'rounds', 'wedges', 'bits', 'small', 'large',
        'medium', 'big', 'thin', 'thick', 'fine', 'bite', 'sized', 'size', 'pea', 'room', 'temperature', 'optional', 'divided',
        'taste', 'serving', 'serve', 'dusting', 'sprinkling', 'rolling', 'greasing', 'brushing', 'kneading', 'garnish',
        'topping', 'decorating', 'decoration', 'frying', 'pan', 'tin', 'bowl', 'surface', 'work', 'dough', 'top', 'tops',
        'plus', 'more', 'extra', 'see', 'note', 'notes', 'below', 'above', 'such', 'other', 'another', 'any', 'both', 'only',
        'too', 'also', 'not', 'no', 'skin', 'skins', 'shell', 'shells', 'juice', 'seeds', 'stems', 'lumps', 'wash', 'egg',
        'glaze', 'filling', 'use', 'used', 'your', 'choice', 'preferably', 'ideally', 'approximately', 'roughly', 'around',
        'total', 'cool', 'cold', 'warm', 'hot', 'soft', 'dry', 'ready', 'removed', 'brand', 'which', 'is', 'are', 'one', 'two',
        'half', 'day', 'overnight', 'best', 'separately', 'room-temperature', 'degrees', 'degree', 'f', 'c', 'lightly',
        'enough', 'grind', 'so', 'it', 'that', 'they', 'good', 'quality', 'unsalted', 'fresh',
    ],
    approximately: [
        'about', 'approximately', 'approx', 'around', 'roughly', 'circa', 'ca', '~', '≈',
    ],
    to: [
        '-', '–', '—', 'to', 'or',
    ],
    plus: [
        'plus', '+', 'and', '&',
    ],
    times: [
        'x', '×',
    ],
    of: [
        'of',
    ],
    each: [
        'each',
    ],
    or: [
        'or',
    ],
    a: [
        'a', 'an',
    ],
    more: [
        'plus more', 'plus extra', 'and more', 'extra for',
    ],
    toTaste: [
        'to taste',
    ],
    divided: [
        'divided',
    ],
    optional: [
        'optional',
    ],
    lengths: [
        'cm', 'mm', 'inch', 'in', 'minutes', 'min',
    ],
    loosely: [
        'lightly', 'loosely',
    ],
    packed: [
        'packed',
    ],
    nameJoins: [
        'of', '-', 'and', '&', '%', 'x', 'a', 'an',
    ],
    nameStops: [
        'or', 'plus', 'to', 'for', 'at', 'and', '&', '(', '-', '–', '—', 'with', 'in', 'if', 'as', 'from', 'optional',
        'divided', '+', '/', '*', '.', '[', 'cut', 'see', 'about', 'each', 'into',
    ],
    unknownStops: [
        'to', 'or', 'plus', '(', 'for',
    ],
    kinds: [
        'salt' => 'salt', 'sea salt' => 'salt', 'coarse salt' => 'salt', 'kosher salt' => 'salt', 'coarse kosher salt' => 'salt',
        'kosher style salt' => 'salt', 'yeast' => 'yeast', 'dry yeast' => 'yeast', 'dried yeast' => 'yeast', 'cornmeal' => 'cornmeal',
        'corn meal' => 'cornmeal', 'breadcrumb' => 'breadcrumbs', 'bread crumb' => 'breadcrumbs', 'coffee' => 'coffee',
    ],
    sizeless: [
        'glass', 'glasses', 'mug', 'mugs', 'splash', 'splashes', 'drizzle', 'bunch', 'bunches', 'sprig', 'sprigs', 'ladle', 'ladleful',
        'ladles', 'scoop', 'scoops', 'bowl', 'bowls', 'bowlful', 'squeeze', 'squirt', 'glug', 'glugs', 'dollop', 'dollops', 'sprinkle',
        'sprinkling', 'dusting', 'spoonful', 'spoonfuls', 'slice', 'slices', 'sheet', 'sheets', 'leaf', 'leaves', 'head', 'heads',
    ],
    between: ['between'],
    atLeast: ['at least', 'at most', 'up to', 'no more than', 'not more than', 'a minimum of', 'minimum'],
    minus: ['minus', 'less'],
    not: ['not', 'no', 'never', 'without'],
    already: ['already', 'previously'],
    headings: ['for (?:the |a |an )?'],
    headingWords: [
        'dough', 'batter', 'filling', 'frosting', 'icing', 'glaze', 'topping', 'crust', 'base', 'cake', 'pastry', 'streusel', 'crumble',
        'crumb topping', 'sauce', 'syrup', 'wet ingredients', 'dry ingredients', 'dry', 'wet', 'egg wash', 'garnish', 'to serve',
        'to finish', 'to decorate', 'assembly', 'decoration', 'cookies', 'muffins', 'starter', 'sponge', 'marinade', 'dressing',
    ],
);

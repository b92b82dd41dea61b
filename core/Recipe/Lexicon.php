<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

/** The words recipes use around amounts and names. */
final class Lexicon
{
    public const NUMBERS = [
        'one' => '1', 'two' => '2', 'three' => '3', 'four' => '4', 'five' => '5', 'six' => '6', 'seven' => '7', 'eight' => '8', 'nine' => '9',
        'ten' => '10', 'eleven' => '11', 'twelve' => '12', 'fifteen' => '15', 'twenty' => '20',
    ];

    public const PARTS = [
        'half' => 2, 'halves' => 2, 'third' => 3, 'thirds' => 3, 'quarter' => 4, 'quarters' => 4, 'fourth' => 4, 'fourths' => 4,
        'fifth' => 5, 'fifths' => 5, 'sixth' => 6, 'sixths' => 6, 'eighth' => 8, 'eighths' => 8,
    ];

    public const SIZES = [
        'heaped' => 'heaped', 'heaping' => 'heaped', 'rounded' => 'heaped', 'mounded' => 'heaped', 'scant' => 'scant', 'shy' => 'scant', 'level' => 'level',
        'generous' => 'heaped',
    ];

    /** Containers with no unit of their own; they count as packets. */
    public const CONTAINERS = ['bag', 'bags', 'box', 'boxes', 'bottle', 'bottles', 'carton', 'cartons', 'tub', 'tubs', 'block', 'blocks', 'bar', 'bars', 'container', 'containers'];

    /** What is done to an ingredient. Before its name it comes before the measuring, behind it after. */
    public const HANDLINGS = [
        'sifted', 'packed', 'melted', 'softened', 'chopped', 'diced', 'minced', 'grated', 'shredded', 'sliced', 'crushed', 'ground', 'mashed', 'pureed',
        'beaten', 'whisked', 'whipped', 'toasted', 'roasted', 'browned', 'warmed', 'cooled', 'chilled', 'frozen', 'thawed', 'drained', 'rinsed', 'soaked',
        'peeled', 'cored', 'pitted', 'seeded', 'cubed', 'halved', 'quartered', 'crumbled', 'flaked', 'slivered', 'cooked', 'boiled', 'scalded', 'dissolved',
        'strained', 'squeezed', 'cut', 'broken', 'separated', 'spooned', 'leveled', 'levelled', 'hulled', 'zested',
    ];

    /** Handlings that change what a cup of it weighs, and that the pantry's rows are about. */
    public const FORMS = ['chopped', 'sliced', 'grated', 'shredded', 'mashed'];

    /** Adverbs of a handling that say nothing about the weight; 'lightly' and 'loosely' packed do. */
    public const HOW = ['finely', 'coarsely', 'roughly', 'freshly', 'firmly', 'well', 'very', 'thinly', 'thickly', 'slightly', 'gently', 'lightly', 'loosely', 'tightly', 'evenly', 'just', 'already'];

    /** Adjectives that change no weight we can tell. */
    public const PLAIN = [
        'fresh', 'organic', 'unsalted', 'salted', 'large', 'small', 'medium', 'big', 'cold', 'warm', 'hot', 'lukewarm', 'tepid', 'boiling', 'iced', 'ice', 'cool', 'ripe', 'overripe',
        'raw', 'pure', 'good', 'quality', 'best', 'plain', 'fine', 'dry', 'whole', 'free', 'range', 'natural', 'unsweetened', 'sweetened', 'soft', 'firm', 'soured', 'full',
        'fat', 'low', 'reduced', 'extra', 'virgin', 'active', 'quick', 'favourite', 'favorite', 'your', 'home', 'made', 'homemade', 'local', 'clear', 'runny', 'unbleached', 'bleached', 'enriched',
        'room', 'temperature', 'seedless', 'mild', 'sharp', 'old', 'new', 'tart', 'sweet', 'light', 'dark', 'white', 'regular', 'standard', 'mature', 'the', 'some', 'more', 'ordinary', 'fashioned', 'style', 'cooking', 'process', 'dried', 'rolled', 'proof', 'grade',
    ];

    /** Words of the remarks that follow a name. */
    public const REMARKS = [
        'and', 'or', 'then', 'into', 'in', 'to', 'for', 'at', 'of', 'with', 'without', 'on', 'from', 'until', 'if', 'as', 'per', 'by', 'about', 'a', 'an', 'the', 'each', 'needed', 'necessary', 'desired', 'wanted', 'using', 'like',
        'pieces', 'piece', 'cubes', 'cube', 'chunks', 'chunk', 'slices', 'strips', 'rounds', 'wedges', 'bits', 'small', 'large', 'medium', 'big', 'thin', 'thick', 'fine', 'bite', 'sized', 'size', 'pea',
        'room', 'temperature', 'optional', 'divided', 'taste', 'serving', 'serve', 'dusting', 'sprinkling', 'rolling', 'greasing', 'brushing', 'kneading', 'garnish', 'topping', 'decorating', 'decoration', 'frying', 'pan', 'tin', 'bowl', 'surface', 'work', 'dough', 'top', 'tops',
        'plus', 'more', 'extra', 'see', 'note', 'notes', 'below', 'above', 'such', 'other', 'another', 'any', 'both', 'only', 'too', 'also', 'not', 'no', 'skin', 'skins', 'shell', 'shells', 'juice', 'seeds', 'stems', 'lumps',
        'wash', 'egg', 'glaze', 'filling', 'use', 'used', 'your', 'choice', 'preferably', 'ideally', 'approximately', 'roughly', 'around', 'total', 'cool', 'cold', 'warm', 'hot', 'soft', 'dry', 'ready', 'removed', 'brand', 'which', 'is', 'are', 'one', 'two', 'half', 'day', 'overnight', 'best', 'separately',
        'room-temperature', 'degrees', 'degree', 'f', 'c', 'lightly', 'enough', 'so', 'it', 'that', 'they', 'good', 'quality', 'unsalted', 'fresh',
    ];

    /** @var array<string, array<string, int>> */
    private static array $sets = [];

    public static function isHandling(string $word): bool
    {
        return isset((self::$sets['handling'] ??= array_flip(self::HANDLINGS))[$word]);
    }

    public static function isPlain(string $word): bool
    {
        return isset((self::$sets['plain'] ??= array_flip([...self::PLAIN, ...self::HOW]))[$word]);
    }

    public static function isRemark(string $word): bool
    {
        return isset((self::$sets['remark'] ??= array_flip([...self::REMARKS, ...self::HOW]))[$word]);
    }
}

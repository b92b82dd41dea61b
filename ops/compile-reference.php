<?php

declare(strict_types=1);

/*
 * Turns core/data/*.csv into PHP arrays that the core returns (core/data/compiled/*.php): read once by the opcode cache,
 * no parsing at run time. Run after editing a CSV; a test holds that the two agree.
 *
 *   php ops/compile-reference.php [--check]
 */

$data = dirname(__DIR__).'/core/data';
$check = in_array('--check', $argv, true);
$stale = [];
$keep = static function (string $name, string $php) use ($data, $check, &$stale): void {
    $target = "$data/compiled/$name.php";
    if (! $check) {
        file_put_contents($target, $php);
    } elseif (! is_file($target) || file_get_contents($target) !== $php) {
        $stale[] = $name;
    }
};

foreach (['units', 'ingredients', 'ingredients_es', 'look_alikes', 'recipe_words_es', 'ambiguous_words', 'handling', 'handling_overrides', 'tools'] as $name) {
    $file = new SplFileObject("$data/$name.csv");
    $file->setFlags(SplFileObject::READ_CSV | SplFileObject::SKIP_EMPTY | SplFileObject::READ_AHEAD | SplFileObject::DROP_NEW_LINE);
    $file->setCsvControl(',', '"', '');
    $head = null;
    $rows = [];
    foreach ($file as $row) {
        if (! is_array($row)) {
            continue;
        }
        if ($head === null) {
            $head = $row;

            continue;
        }
        $rows[] = array_combine($head, $row);
    }
    $php = "<?php\n\n// Made from core/data/$name.csv by ops/compile-reference.php. Edit the CSV, not this.\n\nreturn [\n";
    foreach ($rows as $row) {
        $cells = [];
        foreach ($row as $key => $value) {
            $cells[] = var_export($key, true).' => '.var_export($value, true);
        }
        $php .= '    ['.implode(', ', $cells)."],\n";
    }
    $php .= "];\n";
    $keep($name, $php);
}

// The names of foods: taken apart for who reads a recipe, and as they are said.
require dirname(__DIR__).'/vendor/autoload.php';
$made = [
    'food_names' => array_map(
        Hovik\Core\Recipe\NameFinder::compile(...), array_column(Hovik\Core\Recipe\Line\LanguagePack::all(), null, 'language'),
    ),
    'food_words_en' => Hovik\Core\Words\FoodWords::english(require "$data/compiled/ingredients.php"),
    'food_words_es' => Hovik\Core\Words\FoodWords::spanish(require "$data/compiled/ingredients_es.php"),
];
foreach ($made as $name => $value) {
    $php = "<?php\n\n// Made from the names of foods by ops/compile-reference.php. Edit the CSVs, not this.\n\nreturn ".var_export($value, true).";\n";
    $keep($name, $php);
}

if ($stale !== []) {
    fwrite(STDERR, 'Out of date: '.implode(', ', $stale).". Run php ops/compile-reference.php\n");
    exit(1);
}

<?php

declare(strict_types=1);

// How recipes in Spanish are written: core/data/recipe_words_es.csv, and what only a grammar says. Said in the words of the English pack.

use Hovik\Core\Recipe\Line\LanguagePack;
use Hovik\Core\Recipe\Line\Sayings;
use Hovik\Core\Recipe\Token;

/** @var list<array{kind: string, word: string, meaning: string, notes: string}> $rows */
$rows = require __DIR__.'/../compiled/recipe_words_es.php';
$english = LanguagePack::english();
$words = static fn (string $kind): array => array_column(
    array_filter($rows, static fn (array $row): bool => $row['kind'] === $kind), 'meaning', 'word',
);
$numbers = [];
foreach ($words('number') as $word => $number) {
    $numbers[Token::plain($word)] = $number;
}
$butter = ['mantequilla', 'margarina', 'manteca'];

return new LanguagePack(
    numbers: [...$numbers, 'half-dozen' => '6', 'dozen-and-half' => '18', 'pair' => '2'],
    parts: $english->parts,
    sizes: $english->sizes,
    containers: [],
    handlings: [...$english->handlings, 'lightly packed', 'loosely packed', 'clarified'],
    forms: $english->forms,
    how: $english->how,
    plain: ['plain', 'muy', 'pura', 'puro', 'sin'],
    remarks: [
        'remark', 'plain', 'of', 'and', 'or', 'to', 'afterwards', 'already', 'about', 'for', 'y', 'e', 'en', 'con', 'sin', 'por', 'si',
        'para',
        'que', 'al', 'su', 'tu', 'una', 'un', 'uno', 'a', 'cada', 'trozos', 'trozo', 'pedazos', 'pedacitos', 'cubos', 'cubitos', 'tiras',
        'rebanadas', 'rodajas', 'laminas', 'mitades', 'cuartos', 'decorar', 'espolvorear', 'engrasar', 'enharinar', 'barnizar', 'freir',
        'amasar', 'estirar', 'servir', 'acompanar', 'molde', 'mesa', 'charola', 'bandeja', 'superficie', 'masa', 'relleno', 'cubierta',
        'nota', 'ver', 'gusto', 'preferencia', 'marca', 'calidad', 'temperatura', 'ambiente', 'punto', 'piel', 'cascara', 'jugo',
        'semillas',
        'grueso', 'delgado', 'gruesos', 'delgadas', 'finas', 'fina', 'pequenos', 'grandes', 'chicos', 'aproximadamente', 'necesario',
        'necesaria', 'hace', 'falta', 'desea', 'total', 'mas', 'menos', 'plus', 'listo', 'lista', 'separado', 'aparte', 'muy', 'bien',
        'nevar', 'adornar', 'cubrir', 'pintar', 'untar', 'unas', 'unos', 'agua', 'es', 'decir', 'medir', 'medirla', 'medirlo',
    ],
    approximately: ['about', '~', '≈', '±'],
    to: [...$english->to],
    plus: $english->plus,
    times: $english->times,
    of: $english->of,
    each: ['cada'],
    or: $english->or,
    a: $english->a,
    more: ['held-back'],
    toTaste: ['to-taste'],
    divided: ['divided'],
    optional: ['optional'],
    lengths: ['cm', 'mm', 'pulgadas', 'pulgada', 'minutos', 'min', 'horas'],
    loosely: $english->loosely,
    packed: $english->packed,
    nameJoins: $english->nameJoins,
    nameStops: [
        'or', 'plus', 'to', 'and', 'for', 'para', 'con', 'sin', 'en', '&', '(', '-', '–', '—', 'optional', 'divided', 'held-back',
        'to-taste',
        '+', '/', '*', '.', '[', 'about', 'cada', 'already', 'afterwards', 'remark',
    ],
    unknownStops: ['to', 'or', 'plus', '(', 'para'],
    kinds: ['sal' => 'salt'],
    language: 'es',
    between: ['between'],
    atLeast: ['about'],
    minus: ['menos'],
    not: ['no', 'nunca'],
    already: ['already'],
    headings: ['para (?:el |la |los |las |un |una )?'],
    headingWords: [
        ...array_map(static fn (string $word): string => mb_strtolower($word), array_keys($words('heading-part'))),
        'decoración', 'salsa', 'pan', 'pastel', 'galletas', 'almíbar', 'merengue', 'crema', 'streusel', 'secos', 'líquidos', 'húmedos',
    ],
    isBehind: true,
    sayings: new Sayings($rows, [
        'a' => 'to', 'o' => 'or', 'ó' => 'or', 'u' => 'or', 'y' => 'and', 'e' => 'and', 'un' => 'a', 'una' => 'a', 'uno' => 'a',
        'entre' => 'between', 'un par de' => 'pair', 'un par' => 'pair', 'media docena' => 'half-dozen',
        'docena y media' => 'dozen-and-half', 'hasta' => 'about', 'como máximo' => 'about', 'como mínimo' => 'about',
        'mínimo' => 'about', 'al menos' => 'about', 'cernir' => 'sifted', 'tamizar' => 'sifted', 'picar' => 'chopped',
        'derretir' => 'melted', 'rallar' => 'grated', 'batir' => 'beaten', 'tostar' => 'toasted', 'el jugo de' => 'juice',
        'jugo de' => 'juice', 'el zumo de' => 'juice', 'zumo de' => 'juice', 'la ralladura de' => 'zest', 'ralladura de' => 'zest',
        'más' => 'plus',
    ], [
        'nuez' => $butter, 'trocito' => $butter, 'barra' => $butter, 'barras' => $butter, 'barrita' => $butter, 'palo' => $butter,
    ]),
);

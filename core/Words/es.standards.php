<?php

declare(strict_types=1);

// Los pesos propios de la clase y sus experimentos. Las mismas claves que en en.standards.php.
return [
    'compare.more' => '{second} da {grams} g más que {first}, con {half} g de margen ({percent} %).',
    'compare.less' => '{second} da {grams} g menos que {first}, con {half} g de margen ({percent} %).',
    'compare.more-hands' => '{second} da {grams} g más que {first}, con {half} g de margen ({percent} %): {so} de {n} tazas pesaron más.',
    'compare.less-hands' => '{second} da {grams} g menos que {first}, con {half} g de margen ({percent} %): {so} de {n} tazas pesaron menos.',
    'compare.not-told' => 'Aún faltan pesajes para distinguir {first} y {second}: la diferencia es de {grams} g como mucho.',
    'compare.none-told' => 'Aún faltan pesajes para distinguir estas maneras.',
    'uncertainty.repeats' => 'cuánto varían las veces',
    'uncertainty.steps' => 'los pasos de la báscula',
    'uncertainty.scale' => 'la duda de la báscula',
    'uncertainty.temperature' => 'la temperatura del agua',
    'uncertainty.air' => 'No se cuenta el empuje del aire, cerca del 0,1 %.',
];

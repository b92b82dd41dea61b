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
    'components.none' => 'Nada destaca: estos pesajes difieren por azar.',
    'components.bag.more' => '{name} pesa {grams} g de más, mida quien mida. Pesa tu propia taza.',
    'components.bag.less' => '{name} pesa {grams} g de menos, mida quien mida. Pesa tu propia taza.',
    'components.tool.more' => '{name} da {grams} g de más. Compruébalo con agua.',
    'components.tool.less' => '{name} da {grams} g de menos. Compruébalo con agua.',
    'components.scale.more' => '{name} muestra {grams} g de más. Comprueba esa báscula.',
    'components.scale.less' => '{name} muestra {grams} g de menos. Comprueba esa báscula.',
    'components.student.more' => '{name} aprieta un poco: {grams} g de más. Practicar con la mano ligera.',
    'components.student.less' => '{name} se queda un poco corto: {grams} g de menos. Practicar llenar hasta el borde.',
    'components.together.more' => '{name} dan juntos {grams} g de más. Nunca se usaron por separado: cambia uno.',
    'components.together.less' => '{name} dan juntos {grams} g de menos. Nunca se usaron por separado: cambia uno.',
];

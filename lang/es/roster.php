<?php

declare(strict_types=1);

return [
    'too_large' => 'El archivo es demasiado grande para una lista de grupo.',
    'too_many' => 'Son más de 60 estudiantes: ¿es un solo grupo?',
    'encoding' => 'El archivo no está en UTF-8. Guárdalo como CSV UTF-8 e inténtalo otra vez.',
    'quotes' => 'Hay unas comillas sin cerrar.',
    'empty' => 'No hay nombres.',
    'no_name' => 'Falta el nombre.',
    'long_name' => 'El nombre tiene más de 40 letras.',
    'formula' => 'Empieza como una fórmula, no como un nombre.',
    'signs' => 'El nombre tiene signos que ningún nombre tiene.',
    'number' => 'El número debe ser de 1 a 9999.',
    'number_twice' => 'Ese número está dos veces.',
    'name_twice' => 'Ese nombre está dos veces. Añade una letra para distinguirlos.',
    'in_class' => 'Ese nombre ya está en el grupo.',
    'no_title_column' => 'No hay ninguna columna llamada title.',
    'no_classes' => 'No hay nombres de grupo que sirvan.',
];

<?php

declare(strict_types=1);

$fill = 'Completa esto.';

return [
    'required' => $fill,
    'filled' => $fill,
    'required_with' => $fill,
    'required_without' => $fill,
    'string' => 'Escribe esto como texto.',
    'email' => 'Esto no es una dirección de correo.',
    'max' => ['string' => 'Es demasiado largo.', 'array' => 'Son demasiados.', 'numeric' => 'Es demasiado.'],
    'min' => ['string' => 'Es demasiado corto.', 'numeric' => 'Es demasiado poco.'],
    'date_format' => 'Elige un día.',
    'required_if' => $fill,
    'gt' => ['numeric' => 'Es demasiado poco.'],
    'lt' => ['numeric' => 'Es demasiado.'],
    'between' => ['numeric' => 'Está fuera de rango.'],
    'after' => 'Debe ser más tarde.',
    'after_or_equal' => 'Elige hoy o un día posterior.',
    'distinct' => 'Eso está dos veces.',
    'unique' => 'Ese nombre ya existe.',
    'boolean' => 'Elige una opción.',
    'not_regex' => 'Revisa cómo está escrito.',
    'enum' => 'Elige una de las opciones.',
    'integer' => 'Elige uno.',
    'array' => 'Envía una lista.',
    'list' => 'Envía una lista.',
    'digits' => 'Usa exactamente :digits números.',
    'regex' => 'Revisa cómo está escrito.',
    'ulid' => 'Este pesaje llegó incompleto. Pésalo otra vez.',
    'numeric' => 'Usa solo números, como 94 o 3.5.',
    'in' => 'Elige una de las opciones.',
    'exists' => 'Elige una de las opciones.',
    'custom' => [
        'grams' => [
            'required' => 'Escribe los gramos que marca la báscula.', 'required_without' => 'Escribe los gramos que marca la báscula.',
            'numeric' => 'Usa solo números, como 94 o 3.5.',
        ],
        'cups.*.full_g' => ['required' => 'Escribe los gramos que marca la báscula.'],
        'student_id' => ['required' => 'Toca quién lo midió.'],
        'scale_id' => ['required' => 'Toca la báscula que usaste.'],
    ],
];

<?php

declare(strict_types=1);

return [
    'signed_out' => 'Se cerró tu sesión. Entra otra vez; lo que escribiste se guarda.',
    'too_many' => 'Demasiados intentos. Espera :seconds segundos y prueba otra vez.',
    'not_yours' => 'Eso es de otra clase o de otra estación.',
    'not_found' => 'Aquí no hay nada con ese nombre.',
    'lab_not_open' => 'Esta práctica está cerrada. Pide a tu docente que la abra.',
    'lab_not_prepared' => 'Esta práctica ya se abrió antes.',
    'lab_empty' => 'Esta práctica todavía no tiene ingredientes.',
    'another_lab_open' => 'Hay otra práctica abierta en esta clase. Ciérrala primero.',
    'id_reused' => 'Este pesaje ya se envió con otro número. Pésalo otra vez.',
    'not_seated' => 'Todavía no tienes estación. Pide un sitio a tu docente.',
    'wrong_password' => 'Ese correo y esa contraseña no coinciden.',
    'no_such_class' => 'Ninguna clase tiene ese código. Revisa las seis letras.',
    'class_shut' => 'Esta clase no está abierta ahora. Pregunta a tu docente.',
    'no_such_station' => 'Ninguna estación tiene ese código. Revisa la tarjeta.',
    'wrong_pin' => 'Ese no es el PIN que elegiste. Prueba otra vez.',
    'pin_locked' => 'Demasiados intentos. Espera 5 minutos o pregunta a tu docente.',
    'not_at_station' => 'Ese estudiante no está en esta estación.',
    'not_in_class' => 'Ese nombre no está en esta clase.',
    'no_such_line' => 'Ese ingrediente no está en esta práctica.',
    'no_such_scale' => 'Esa báscula no está en esta cocina.',
    'unknown_step' => 'Ese paso no es de este ingrediente.',
    'no_class' => 'Ese grupo no es tuyo.',
    'no_title' => 'Ponle nombre a la receta.',
    'lab_frozen' => 'Este laboratorio ya se abrió: sus líneas están fijas. Cópialo para cambiarlas.',
    'lab_is_open' => 'Este laboratorio está abierto. Ciérralo primero.',
];

<?php

declare(strict_types=1);

return [
    'habit.steady' => 'Constante',
    'habit.same-slip' => 'Siempre igual',
    'habit.scattered' => 'Disperso',
    'habit.two-camps' => 'De dos modos',
    'habit.not-yet' => 'Aún no',
    'mark.process' => 'Técnica',
    'mark.accuracy' => 'Exactitud',
    'mark.handing-in' => 'A tiempo',
    'mark.clean-up' => 'Limpieza',
    'mark.teamwork' => 'Trabajo en equipo',
    'mark.own' => '{words}',
    'mark.because.steps' => '{done} de {all} pasos vistos',
    'mark.because.first' => 'cuenta el primer intento: {first}%',
    'mark.because.tries' => 'primer intento {first}%, mejor intento {best}%',
    'mark.because.coached' => 'primer intento {first}%, mejor intento {best}% con ayuda',
    'mark.because.mean' => '{percent}% de {of}, en promedio de {count, plural, one {un ingrediente} other {# ingredientes}}',
    'mark.because.late' => '{count, plural, =0 {El mismo día} one {Un día tarde} other {# días tarde}}',
    'mark.because.clean' => '{done} de {all} puntos de la limpieza marcados',
    'mark.because.level' => '{level, select, 0 {Nada} 1 {Un poco} 2 {La mitad del tiempo} 3 {Casi siempre} other {Siempre}}',
    'mark.because.unseen' => 'No se vio nada. Se deja fuera y lo demás cuenta por todo.',
    'rubric.four-parts' => 'Técnica, exactitud, limpieza, a tiempo',
    'rubric.quick' => 'Rápida: técnica y exactitud',
    'rubric.exam' => 'Examen de laboratorio',
    'rubric.together' => 'También trabajo en equipo',
    'attendance.here' => 'Presente',
    'attendance.absent' => 'Ausente: nada que calificar',
    'attendance.excused' => 'Con permiso: nada que calificar',
];

<?php

declare(strict_types=1);

use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;

// Three kinds of people at the door, one session guard each.
return [
    'defaults' => ['guard' => 'teacher', 'passwords' => null],
    'guards' => [
        'teacher' => ['driver' => 'session', 'provider' => 'teachers'],
        'student' => ['driver' => 'session', 'provider' => 'students'],
        'station' => ['driver' => 'session', 'provider' => 'stations'],
    ],
    'providers' => [
        'teachers' => ['driver' => 'eloquent', 'model' => Teacher::class],
        'students' => ['driver' => 'eloquent', 'model' => Student::class],
        'stations' => ['driver' => 'eloquent', 'model' => Station::class],
    ],
];

<?php

declare(strict_types=1);

return [
    'signed_out' => 'You were signed out. Sign in again; what you typed is kept.',
    'too_many' => 'Too many tries. Wait :seconds seconds, then try again.',
    'not_yours' => 'That belongs to another class or station.',
    'not_found' => 'There is nothing here by that name.',
    'lab_not_open' => 'This lab is closed. Ask your teacher to open it.',
    'lab_not_prepared' => 'This lab has been opened before.',
    'lab_empty' => 'This lab has no ingredients yet.',
    'another_lab_open' => 'Another lab is open in this class. Close it first.',
    'id_reused' => 'This weigh-in was sent before with another number. Weigh it again.',
    'not_seated' => 'You have no station yet. Ask your teacher for a place.',
    'wrong_password' => 'That e-mail and password do not match.',
    'no_such_class' => 'No class has that code. Check the six letters.',
    'class_shut' => 'This class is not open to join just now. Ask your teacher.',
    'no_such_station' => 'No station has that code. Check the card.',
    'wrong_pin' => 'That is not the PIN you chose. Try again.',
    'pin_locked' => 'Too many tries. Wait 5 minutes, or ask your teacher.',
    'not_at_station' => 'That student is not at this station.',
    'not_in_class' => 'That name is not in this class.',
    'no_such_line' => 'That ingredient is not in this lab.',
    'no_such_scale' => 'That scale is not in this kitchen.',
    'unknown_step' => 'That step is not one of this ingredient\'s.',
    'no_class' => 'That class is not yours.',
    'no_title' => 'Give the recipe a name.',
    'lab_frozen' => 'This lab has been opened: its lines are frozen. Copy it to change them.',
    'lab_is_open' => 'This lab is open. Close it first.',
];

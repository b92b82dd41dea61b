<?php

declare(strict_types=1);

// Said beside the field, so none names it.
$fill = 'Fill this in.';

return [
    'required' => $fill,
    'filled' => $fill,
    'required_with' => $fill,
    'required_without' => $fill,
    'string' => 'Write this as text.',
    'email' => 'This is not an e-mail address.',
    'max' => ['string' => 'That is too long.', 'array' => 'That is too many.', 'numeric' => 'That is too much.'],
    'min' => ['string' => 'That is too short.', 'numeric' => 'That is too little.'],
    'date_format' => 'Choose a day.',
    'required_if' => $fill,
    'gt' => ['numeric' => 'That is too little.'],
    'lt' => ['numeric' => 'That is too much.'],
    'between' => ['numeric' => 'That is out of range.'],
    'after' => 'This must be later.',
    'after_or_equal' => 'Choose today or a later day.',
    'distinct' => 'That is listed twice.',
    'unique' => 'That name is taken.',
    'boolean' => 'Choose one.',
    'not_regex' => 'Check how this is written.',
    'enum' => 'Choose one of the options.',
    'integer' => 'Choose one.',
    'array' => 'Send a list.',
    'list' => 'Send a list.',
    'digits' => 'Use exactly :digits digits.',
    'regex' => 'Check how this is written.',
    'ulid' => 'This weigh-in arrived incomplete. Weigh it again.',
    'numeric' => 'Use numbers only, like 94 or 3.5.',
    'in' => 'Choose one of the options.',
    'exists' => 'Choose one of the options.',
    'custom' => [
        'grams' => [
            'required' => 'Type the grams the scale shows.', 'required_without' => 'Type the grams the scale shows.',
            'numeric' => 'Use numbers only, like 94 or 3.5.',
        ],
        'cups.*.full_g' => ['required' => 'Type the grams the scale shows.'],
        'student_id' => ['required' => 'Tap who measured it.'],
        'scale_id' => ['required' => 'Tap the scale you used.'],
    ],
];

<?php

declare(strict_types=1);

return [
    'habit.steady' => 'Steady',
    'habit.same-slip' => 'Same way',
    'habit.scattered' => 'Scattered',
    'habit.two-camps' => 'Two ways',
    'habit.not-yet' => 'Not yet',
    'mark.process' => 'Technique',
    'mark.accuracy' => 'Accuracy',
    'mark.handing-in' => 'On time',
    'mark.clean-up' => 'Clean-up',
    'mark.teamwork' => 'Teamwork',
    'mark.own' => '{words}',
    'mark.because.steps' => '{done} of {all} steps seen done',
    'mark.because.first' => 'the first try counts: {first}%',
    'mark.because.tries' => 'first try {first}%, best try {best}%',
    'mark.because.coached' => 'first try {first}%, best try {best}% after help',
    'mark.because.mean' => '{percent}% of {of}, on average of {count, plural, one {one ingredient} other {# ingredients}}',
    'mark.because.late' => '{count, plural, =0 {On the day} one {One day late} other {# days late}}',
    'mark.because.clean' => '{done} of {all} points of the clean-up list checked off',
    'mark.because.level' => '{level, select, 0 {Not at all} 1 {A little} 2 {Half of the time} 3 {Most of the time} other {All the time}}',
    'mark.because.unseen' => 'Nothing was seen. It is left out, and the rest counts for all.',
    'rubric.four-parts' => 'Technique, accuracy, clean-up, on time',
    'rubric.quick' => 'Quick: technique and accuracy',
    'rubric.exam' => 'Lab exam',
    'rubric.together' => 'Teamwork too',
    'attendance.here' => 'Here',
    'attendance.absent' => 'Away: nothing to mark',
    'attendance.excused' => 'Excused: nothing to mark',
];

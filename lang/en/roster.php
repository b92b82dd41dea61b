<?php

declare(strict_types=1);

return [
    'too_large' => 'This file is too large for a class list.',
    'too_many' => 'That is more than 60 students: is it one class?',
    'encoding' => 'This file is not in UTF-8. Save it as CSV UTF-8, then try again.',
    'quotes' => 'A quotation mark is never closed.',
    'empty' => 'There are no names in it.',
    'no_name' => 'The name is missing.',
    'long_name' => 'The name is longer than 40 letters.',
    'formula' => 'This begins like a formula, not like a name.',
    'signs' => 'The name has signs that no name has.',
    'number' => 'The number must be 1 to 9999.',
    'number_twice' => 'That number stands twice.',
    'name_twice' => 'That name stands twice. Add a letter to tell them apart.',
    'in_class' => 'That name is in the class already.',
    'no_title_column' => 'There is no column named title.',
    'no_classes' => 'There are no class names in it that can be used.',
];

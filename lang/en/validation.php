<?php

declare(strict_types=1);

/*
 * What is said of a field for which a form has no words of its own. It stands beside the field, so it names none: no
 * name of the server's is shown to anybody.
 */
return [
    'array' => 'This came in another shape than the page sends it: load the page anew.',
    'between' => [
        'array' => 'Choose from :min to :max.',
        'numeric' => 'Enter a number from :min to :max.',
        'string' => 'Write from :min to :max letters.',
    ],
    'boolean' => 'Tick it, or leave it without a tick.',
    'confirmed' => 'The two do not match; type it again.',
    'date' => 'Write the date as year-month-day, for example 2026-03-02.',
    'distinct' => 'This is there twice.',
    'email' => 'Write an e-mail address, for example name@clinic.example.',
    'enum' => 'Choose one of those listed.',
    'gte' => ['numeric' => 'Enter :value or more.'],
    'in' => 'Choose one of those listed.',
    'integer' => 'Enter a whole number.',
    'max' => [
        'array' => 'These are too many: :max at most.',
        'numeric' => 'Enter :max or less.',
        'string' => 'Write it in :max letters at most.',
    ],
    'min' => [
        'array' => 'Choose :min at least.',
        'numeric' => 'Enter :min or more.',
        'string' => 'Write :min letters at least.',
    ],
    'numeric' => 'Enter a number.',
    'present' => 'This is missing: load the page anew.',
    'present_with' => 'This is missing: load the page anew.',
    'regex' => 'This is not written as it is read here.',
    'required' => 'This is needed.',
    'required_with' => 'This is needed with it.',
    'string' => 'Write it in letters.',
    'timezone' => 'Choose one of those listed.',
    'uuid' => 'This form has no key: load the page anew.',
];

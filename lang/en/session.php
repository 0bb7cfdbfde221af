<?php

declare(strict_types=1);

// How a session is gone through: printed for the client, shown to the clinician. Everything in seconds and minutes is
// counted by the core; these are the words around it.

return [
    'part' => [
        'warm_up' => 'Warm-up',
        'activation' => 'Wake the muscles up',
        'main' => 'Main part',
        'cool_down' => 'Cool-down',
        'piece' => 'Piece :piece of :of',
    ],
    'piece' => 'Any time of the day; the pieces need not follow each other.',
    'piece_warm_up' => 'March easily for :seconds seconds first.',
    'activation' => 'One easy round without a load: :reps times each of :names.',
    'ramp' => ':name: first a lighter set, :reps times with :load. Then rest :seconds seconds.',
    'rounds' => 'One set of each in turn. Take :change seconds from one to the next.',
    'round_rest' => 'Rest :seconds seconds after each round. :rounds rounds.',
    'round_on' => 'Then go round again. :rounds rounds.',
    'one_round' => 'Go through once.',
    'fewer' => ':name: in the first :sets rounds only.',
    'fewer_one' => ':name: in the first round only.',
    'aerobic' => 'Between the rounds walk or march easily for :minutes min.',
    'straight' => 'All sets of one before the next. Take :change seconds from one to the next.',
    'rest' => 'Rest :seconds seconds between sets.',
];

<?php

declare(strict_types=1);

// As lang/en/session.php, in Dutch. Not read by a clinician until a lead says so (Rulebook).

return [
    'part' => [
        'warm_up' => 'Opwarmen',
        'activation' => 'De spieren wekken',
        'main' => 'Hoofddeel',
        'cool_down' => 'Afkoelen',
        'piece' => 'Deel :piece van :of',
    ],
    'piece' => 'Op elk uur van de dag; de delen hoeven niet na elkaar.',
    'piece_warm_up' => 'Stap eerst :seconds seconden rustig op de plaats.',
    'activation' => 'Eén rustige ronde zonder gewicht: :reps keer elk van :names.',
    'ramp' => ':name: eerst een lichtere reeks, :reps keer met :load. Rust dan :seconds seconden.',
    'rounds' => 'Eén reeks van elk, om de beurt. Neem :change seconden van de ene naar de volgende.',
    'round_rest' => 'Rust :seconds seconden na elke ronde. :rounds rondes.',
    'round_on' => 'Begin dan weer vooraan. :rounds rondes.',
    'one_round' => 'Ga er één keer door.',
    'fewer' => ':name: alleen in de eerste :sets rondes.',
    'fewer_one' => ':name: alleen in de eerste ronde.',
    'aerobic' => 'Wandel of stap rustig :minutes min tussen de rondes.',
    'straight' => 'Alle reeksen van de ene voor de volgende. Neem :change seconden van de ene naar de volgende.',
    'rest' => 'Rust :seconds seconden tussen de reeksen.',
];

<?php

declare(strict_types=1);

/** English phrases of labels, tick lists and slips, by code; `{name}` is an argument. */
return [
    'print.revision' => '{kit}, revision {revision}',
    'print.bag-labels' => 'bag labels',
    'print.kit-labels' => 'kit labels',
    'print.tick-list' => 'tick list',
    'print.bag' => 'Bag {bag}: {title}',
    'print.in-box' => 'in the box',
    'print.shielding' => 'shielding',
    'print.esd' => 'Static-sensitive: leave it in its shielding bag until it is fitted.',
    'print.fragile' => 'Fragile.',
    'print.build-it' => 'build it',
    'print.to-cut' => 'To cut',
    'print.bands' => 'Bands in letters: {letters}.',
    'print.kit-number' => 'revision {revision}, kit {number}',
    'print.pack-number' => 'revision {revision}, class pack {number}',
    'print.phone' => 'Point your phone at the code: the build manual opens, one step at a time.',
    'print.slip' => 'Packing slip {number}',
    'print.ordered' => 'Ordered on {day}.',
    'print.count' => 'count',
    'print.kit' => 'kit',
    'print.serials' => 'serial numbers',
    'print.help-code' =>
        'Something is missing or does not work: the code on the label of each kit opens its page, and the page has a form.',
    'print.help-letter' =>
        'Something is missing or does not work: write to us and name the serial number on the label.',
    'print.otherwise' => '{kit}: what is otherwise from revision {before} to {after}',
    'print.nothing-packed' => 'No kit was packed as revision {before}.',
    'print.these-kits' => 'For these kits',
    'print.part' => 'part',
    'print.seen' => 'what you see',
    'print.in-revision' => 'in revision {revision}',
    'print.measured' => 'What you measure',
    'print.reading-new' => '{test}: new, expect {after}',
    'print.reading-gone' => '{test}: no longer measured',
    'print.reading' => '{test}: expect {before} in the old kit, {after} in the new one',
    'print.weights' => 'What the bags weigh',
    'print.weight' => 'Bag {bag}: {before} before, {after} now',
    'print.weight-typical' => 'Bag {bag}: {before} before, {after} now (typical masses among them)',
    'print.not-there' => 'not there',
];

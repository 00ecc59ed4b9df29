<?php

declare(strict_types=1);

/** German phrases of labels, tick lists and slips, by code; `{name}` is an argument. */
return [
    'print.revision' => '{kit}, Ausgabe {revision}',
    'print.bag-labels' => 'Beuteletiketten',
    'print.kit-labels' => 'Bausatzetiketten',
    'print.tick-list' => 'Packliste',
    'print.bag' => 'Beutel {bag}: {title}',
    'print.in-box' => 'in der Schachtel',
    'print.shielding' => 'abschirmend',
    'print.esd' => 'Empfindlich gegen statische Ladung: bleibt bis zum Einbau im abschirmenden Beutel.',
    'print.fragile' => 'Zerbrechlich.',
    'print.build-it' => 'so wird es gebaut',
    'print.to-cut' => 'Abzulängen',
    'print.bands' => 'Ringe in Buchstaben: {letters}.',
    'print.kit-number' => 'Ausgabe {revision}, Bausatz {number}',
    'print.pack-number' => 'Ausgabe {revision}, Klassenpackung {number}',
    'print.phone' => 'Richte das Telefon auf den Code: die Bauanleitung öffnet sich, Schritt für Schritt.',
    'print.slip' => 'Lieferschein {number}',
    'print.ordered' => 'Bestellt am {day}.',
    'print.count' => 'Zahl',
    'print.kit' => 'Bausatz',
    'print.serials' => 'Seriennummern',
    'print.help-code' =>
        'Etwas fehlt oder geht nicht: der Code auf dem Etikett des Bausatzes öffnet seine Seite, dort steht ein Formular.',
    'print.help-letter' => 'Etwas fehlt oder geht nicht: schreib uns und nenne die Seriennummer auf dem Etikett.',
    'print.otherwise' => '{kit}: was von Ausgabe {before} zu {after} anders ist',
    'print.nothing-packed' => 'Als Ausgabe {before} wurde kein Bausatz gepackt.',
    'print.these-kits' => 'Für diese Bausätze',
    'print.part' => 'Bauteil',
    'print.seen' => 'was du siehst',
    'print.in-revision' => 'in Ausgabe {revision}',
    'print.measured' => 'Was du misst',
    'print.reading-new' => '{test}: neu, erwartet {after}',
    'print.reading-gone' => '{test}: wird nicht mehr gemessen',
    'print.reading' => '{test}: erwartet {before} im alten Bausatz, {after} im neuen',
    'print.weights' => 'Was die Beutel wiegen',
    'print.weight' => 'Beutel {bag}: vorher {before}, jetzt {after}',
    'print.weight-typical' => 'Beutel {bag}: vorher {before}, jetzt {after} (übliche Massen darunter)',
    'print.not-there' => 'nicht da',
];

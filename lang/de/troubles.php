<?php

declare(strict_types=1);

// Was jemand liest, wenn etwas im Weg steht: was es ist und was zu tun ist.
return [
    'not-found' => [
        'Hier ist nichts',
        'Die Adresse ist falsch getippt, oder was hier stand, gibt es nicht mehr. Geh zurück und öffne es von seinem Raum aus.',
    ],
    'no-page' => [
        'Dieser Code öffnet nichts',
        'Lies den Code auf dem Etikett noch einmal ein oder tippe alle Zeichen. Bleibt es so, schreib dem Hersteller.',
    ],
    'withdrawn' => [
        'Diese Seite wurde zurückgezogen',
        'Der Hersteller hat diese Adresse zurückgenommen. Schreib ihm und nenne die Seriennummer vom Etikett; er schickt eine neue.',
    ],
    'forbidden' => ['Das darf dein Konto nicht', 'Bitte jemanden aus dem Laden darum oder um die Rolle dafür.'],
    'expired' => [
        'Die Seite war zu lange offen',
        'Lade sie neu und mach es noch einmal. Gespeichertes ist nicht verloren.',
    ],
    'too-large' => ['Das ist zu groß', 'Eine Datei darf 10 MB haben, alle zusammen 32 MB. Schick eine kleinere.'],
    'too-many' => ['Zu viel auf einmal', 'Warte eine Minute und mach weiter. Nichts ist verloren.'],
    'away' => [
        'Der Laden wird gerade gestartet',
        'Er antwortet noch nicht. Warte eine Minute und lade neu; Gespeichertes bleibt. Bleibt es so, ruft der Hersteller bin/start auf.',
    ],
    'database' => [
        'Die Datenbank antwortet nicht',
        'Eben wurde nichts gespeichert, früher Gespeichertes ist nicht verloren. Warte eine Minute und versuch es noch einmal. Bleibt es so, ruft der Hersteller bin/start auf.',
    ],
    'disk' => [
        'Die Platte des Ladens ist voll',
        'Eben wurde nichts gespeichert, früher Gespeichertes ist nicht verloren. Der Hersteller schafft Platz; bin/doctor sagt, wie viel.',
    ],
    'host' => [
        'Der Laden antwortet nicht unter diesem Namen',
        'Öffne ihn unter seiner öffentlichen Adresse. Der Hersteller setzt sie im Raum Shop oder nennt eine weitere mit bin/start --host NAME.',
    ],
    'server' => [
        'Hier ging etwas schief',
        'Es steht im Protokoll. Versuch es noch einmal; geschieht es zweimal, sag dem Hersteller, was du getan hast.',
    ],
    'back' => 'Zurück zum Anfang',
    'write' => 'Dem Hersteller schreiben',
];

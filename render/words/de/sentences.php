<?php

declare(strict_types=1);

/** German sentences a builder reads at a step, by code; `{name}` is an argument. */
return [
    'trace.square' => 'Rechteck',
    'trace.sine' => 'Sinus',
    'trace.triangle' => 'Dreieck',
    'trace.saw' => 'Sägezahn',
    'trace.flat' => 'eine gerade Linie bei {high}',
    'trace.told' => '{shape} von {low} bis {high}{often}{duty}',
    'trace.duty' => '{percent} % der Zeit hoch',
    'trace.knobs' => '{volts} und {seconds} je Teil; die dicke Linie ist 0 V',
    'trace.volts' => '{volts} je Teil; die dicke Linie ist 0 V',
    'hold.table' => 'Der Tisch hält es beim Löten.',
    'hold.bend' => 'Die nach außen gebogenen Drähte halten es.',
    'hold.splay' => 'Die Drähte spreizen: so hält es.',
    'hold.tack' => 'Der Tisch reicht nicht heran: einen Stift anheften, prüfen, dann den Rest.',
    'hold.tape' => 'Der Tisch reicht nicht heran: ein Streifen Klebeband hält es.',
    'hold.putty' => 'Der Tisch reicht nicht heran: Knetmasse hält es.',
    'hold.tack.no-gap' => 'Einen Stift anheften, prüfen, dann den Rest.',
    'hold.tape.no-gap' => 'Ein Streifen Klebeband hält es.',
    'hold.putty.no-gap' => 'Knetmasse hält es.',
    'hold.prop' => 'Eine Unterlage richtet die Platine aus.',
    'hold.holder' => 'Der Halter hält es an seinem Platz.',
    'hold.plug' => 'Das Gegenstück, in dem es steckt, hält es gerade.',
    'hold.jig' => 'Die Frontplatte hält es gerade.',
    'hold.own-lock' => 'Die Stifte rasten in den Löchern ein.',
    'hold.none-needed' => 'Nichts muss es halten.',
    'caution.iron' =>
        'Der Lötkolben verbrennt: stell ihn in seinen Ständer zurück. Lüfte den Raum und halte das Gesicht aus dem Rauch.',
    'caution.lead' =>
        'Bleihaltiges Lot: hier nicht essen oder trinken, danach die Hände waschen. Nicht für Kinder allein.',
    'caution.eyes' =>
        'Trag eine Schutzbrille, wenn du Drähte abschneidest, und halte das Ende fest, das abgeschnitten wird.',
    'caution.power' =>
        'Erstes Einschalten: nach Lötbrücken sehen, den Strom begrenzen, sofort ausschalten, wenn etwas heiß wird oder riecht.',
    'caution.vent' => 'Ein verpolter Elko kann platzen: trag beim ersten Einschalten eine Schutzbrille.',
    'caution.mains' =>
        'Netz- oder Hochspannung: nur nach deinen örtlichen Regeln und durch eine befugte Fachkraft. Niemals unter Spannung daran arbeiten.',
    'caution.charge' =>
        'Kondensatoren bleiben nach dem Ausschalten geladen: über einen Widerstand entladen und messen, bevor du etwas berührst.',
    'caution.charge-wait' =>
        '{designator} hält nach dem Ausschalten {joules} J bei {volts} V. {bleeder} entlädt ihn: warte {seconds} s und miss über ihm, bevor du etwas berührst.',
    'caution.charge-tool' =>
        '{designator} hält nach dem Ausschalten {joules} J bei {volts} V, und nichts entlädt ihn. Entlade ihn über einen Widerstand von höchstens {ohms} Ω an isolierten Klemmen und miss über ihm, bevor du etwas berührst.',
    'caution.defers' =>
        'Örtliche Regeln gehen vor, und wo sie es verlangen, arbeitet eine befugte Fachkraft: diese Anleitung steht hinter beidem zurück.',
    'caution.glue' => 'Kleber, Lack und Harz: Raum lüften, Handschuhe tragen, das beiliegende Merkblatt befolgen.',
    'caution.dust' => 'Platinenstaub schadet Lunge und Augen: Schutzbrille tragen, nass oder mit Maske feilen.',
    'caution.battery' =>
        'Batterie nicht kurzschließen und herausnehmen, wenn der Bausatz nicht benutzt wird. Kleine Zellen von Kindern fernhalten.',
    'caution.iron.short' => 'Heißer Lötkolben, Rauch.',
    'caution.lead.short' => 'Blei: danach die Hände waschen.',
    'caution.eyes.short' => 'Schutzbrille.',
    'caution.power.short' => 'Nach Lötbrücken sehen, Strom begrenzen.',
    'caution.vent.short' => 'Schutzbrille.',
    'caution.mains.short' => 'Nie unter Spannung: erst den Stecker ziehen.',
    'caution.charge.short' => 'Erst entladen und messen.',
    'caution.charge-wait.short' => '{designator}: {seconds} s warten, dann messen.',
    'caution.charge-tool.short' => '{designator}: entladen, dann messen.',
    'caution.hot.short' => 'Es wird im Betrieb heiß.',
    'caution.light.short' => 'Nicht in das Licht sehen.',
    'caution.field.short' => 'Starkes Feld: Implantate fernhalten.',
    'caution.glue.short' => 'Lüften, Handschuhe.',
    'caution.dust.short' => 'Platinenstaub: Augen und Lunge.',
    'caution.battery.short' => 'Batterie nicht kurzschließen.',
    'caution.coin-cell.short' => 'Knopfzellen: von Kindern fernhalten.',
    'caution.drilling.short' => 'Bohren: Schutzbrille, keine Handschuhe, festspannen.',
];

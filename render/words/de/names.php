<?php

declare(strict_types=1);

/** German names: kinds (one, many), marks, directions, consequences, colours of wires, actions. */
return [
    'kind' => [
        'resistor' => ['Widerstand', 'Widerstände'], 'network' => ['Widerstandsnetzwerk', 'Widerstandsnetzwerke'], 'trimmer' => ['Trimmer', 'Trimmer'],
        'potentiometer' => ['Potentiometer', 'Potentiometer'], 'ceramic' => ['Keramikkondensator', 'Keramikkondensatoren'], 'film' => ['Folienkondensator', 'Folienkondensatoren'],
        'electrolytic' => ['Elko', 'Elkos'], 'tantalum' => ['Tantalkondensator', 'Tantalkondensatoren'], 'inductor' => ['Spule', 'Spulen'],
        'transformer' => ['Transformator', 'Transformatoren'], 'diode' => ['Signaldiode', 'Signaldioden'], 'zener' => ['Zenerdiode', 'Zenerdioden'],
        'rectifier' => ['Gleichrichterdiode', 'Gleichrichterdioden'], 'bridge' => ['Brückengleichrichter', 'Brückengleichrichter'], 'led' => ['LED', 'LEDs'], 'photo' => ['Lichtsensor', 'Lichtsensoren'],
        'thermistor' => ['Thermistor', 'Thermistoren'], 'transistor' => ['Transistor', 'Transistoren'], 'regulator' => ['Spannungsregler', 'Spannungsregler'], 'ic' => ['IC', 'ICs'],
        'ic-socket' => ['IC-Fassung', 'IC-Fassungen'], 'crystal' => ['Quarz', 'Quarze'], 'relay' => ['Relais', 'Relais'], 'buzzer' => ['Summer', 'Summer'],
        'speaker' => ['Lautsprecher', 'Lautsprecher'], 'switch' => ['Schalter', 'Schalter'], 'button' => ['Taster', 'Taster'], 'pin-header' => ['Stiftleiste', 'Stiftleisten'],
        'socket-strip' => ['Buchsenleiste', 'Buchsenleisten'], 'box-header' => ['Wannenstecker', 'Wannenstecker'], 'connector' => ['Steckverbinder', 'Steckverbinder'],
        'terminal-block' => ['Schraubklemme', 'Schraubklemmen'], 'jack' => ['Klinkenbuchse', 'Klinkenbuchsen'], 'barrel-jack' => ['Hohlbuchse', 'Hohlbuchsen'],
        'battery' => ['Batterie', 'Batterien'], 'battery-holder' => ['Batteriehalter', 'Batteriehalter'], 'fuse-holder' => ['Sicherungshalter', 'Sicherungshalter'],
        'display' => ['Anzeige', 'Anzeigen'], 'sensor' => ['Sensor', 'Sensoren'], 'heat-sink' => ['Kühlkörper', 'Kühlkörper'], 'knob' => ['Drehknopf', 'Drehknöpfe'],
        'screw' => ['Schraube', 'Schrauben'], 'nut' => ['Mutter', 'Muttern'], 'washer' => ['Unterlegscheibe', 'Unterlegscheiben'], 'standoff' => ['Abstandsbolzen', 'Abstandsbolzen'],
        'board' => ['Platine', 'Platinen'], 'panel' => ['Frontplatte', 'Frontplatte'], 'enclosure' => ['Gehäuse', 'Gehäuse'], 'wire' => ['Draht', 'Drähte'], 'cable' => ['Kabel', 'Kabel'],
        'feet' => ['Fuß', 'Füße'], 'label' => ['Etikett', 'Etiketten'], 'consumable' => ['Verbrauchsmaterial', 'Verbrauchsmaterial'], 'former' => ['Wickelkörper', 'Wickelkörper'], 'unknown' => ['unbekanntes Teil', 'Unbekannte Teile'],
    ],
    'mark' => [
        'band' => 'Ring', 'dark-band' => 'dunkler Ring', 'light-band' => 'heller Ring', 'flat' => 'flache Seite', 'short-lead' => 'kurzer Draht', 'long-lead' => 'langer Draht', 'stripe' => 'Streifen', 'plus' => 'Pluszeichen', 'bar' => 'Balken',
        'notch' => 'Kerbe', 'dot' => 'Punkt', 'tab' => 'Nase', 'metal-side' => 'Metallseite', 'key' => 'Führungsnase', 'red-edge' => 'rote Kante', 'coloured-side' => 'farbige Seite', 'colour' => 'Farbe',
    ],
    'consequence' => [
        'works-after-turning' => 'Verkehrt herum: es geht erst, wenn es umgedreht ist; nichts nimmt Schaden.',
        'itself-damaged' => 'Verkehrt herum: es kann selbst Schaden nehmen.',
        'destroys-others' => 'Verkehrt herum: es zerstört auch andere Teile.',
        'can-hurt' => 'Verkehrt herum: es kann jemanden verletzen. Beim ersten Einschalten Schutzbrille tragen.',
    ],
    'direction' => ['up' => 'nach oben', 'up-right' => 'nach rechts oben', 'right' => 'nach rechts', 'down-right' => 'nach rechts unten', 'down' => 'nach unten', 'down-left' => 'nach links unten', 'left' => 'nach links', 'up-left' => 'nach links oben'],
    'colour' => [
        'black' => 'schwarz', 'brown' => 'braun', 'red' => 'rot', 'orange' => 'orange', 'yellow' => 'gelb', 'green' => 'grün', 'blue' => 'blau', 'violet' => 'violett', 'purple' => 'violett', 'grey' => 'grau', 'gray' => 'grau', 'white' => 'weiß', 'pink' => 'rosa', 'bare' => 'blank',
        'gold' => 'gold', 'silver' => 'silber',
    ],
    'terminal' => [
        'cathode' => 'die Kathode', 'anode' => 'die Anode', 'negative' => 'der Minuspol', 'positive' => 'der Pluspol', 'pin 1' => 'Stift 1', 'pin-1' => 'Stift 1', 'pin 1 side' => 'die Seite von Stift 1', 'common pin' => 'der gemeinsame Stift', 'primary' => 'die Primärseite', 'collector' => 'der Kollektor', 'emitter' => 'der Emitter',
    ],
    'edge' => ['front' => 'vorne', 'back' => 'hinten', 'left' => 'links', 'right' => 'rechts'],
    'action' => [
        'wire' => 'Draht', 'wires' => 'Drähte',
        'place' => 'Lose einsetzen', 'jig' => 'Frontplatte als Lehre aufsetzen', 'nuts' => 'Muttern fingerfest', 'tack' => 'Je einen Stift anheften, gerade und frei prüfen', 'bolt' => 'Verschrauben',
        'insert' => 'Einsetzen', 'adjust' => 'Einstellen', 'snap' => 'Abbrechen', 'remove' => 'Entfernen', 'cure' => 'Aushärten lassen', 'gate' => 'Prüfen',
    ],
];

<?php

declare(strict_types=1);

/** English names: kinds (one, many), marks, directions, consequences, stations, actions. */
return [
    'kind' => [
        'resistor' => ['resistor', 'Resistors'], 'network' => ['resistor network', 'Resistor networks'], 'trimmer' => ['trimmer', 'Trimmers'],
        'potentiometer' => ['potentiometer', 'Potentiometers'], 'ceramic' => ['ceramic capacitor', 'Ceramic capacitors'], 'film' => ['film capacitor', 'Film capacitors'],
        'electrolytic' => ['electrolytic', 'Electrolytics'], 'tantalum' => ['tantalum capacitor', 'Tantalum capacitors'], 'inductor' => ['inductor', 'Inductors'],
        'transformer' => ['transformer', 'Transformers'], 'diode' => ['signal diode', 'Signal diodes'], 'zener' => ['Zener diode', 'Zener diodes'],
        'rectifier' => ['rectifier', 'Rectifiers'], 'bridge' => ['bridge rectifier', 'Bridge rectifiers'], 'led' => ['LED', 'LEDs'], 'photo' => ['light sensor', 'Light sensors'],
        'thermistor' => ['thermistor', 'Thermistors'], 'transistor' => ['transistor', 'Transistors'], 'regulator' => ['regulator', 'Regulators'], 'ic' => ['IC', 'ICs'],
        'ic-socket' => ['IC socket', 'IC sockets'], 'crystal' => ['crystal', 'Crystals'], 'relay' => ['relay', 'Relays'], 'buzzer' => ['buzzer', 'Buzzers'],
        'speaker' => ['speaker', 'Speakers'], 'switch' => ['switch', 'Switches'], 'button' => ['button', 'Buttons'], 'pin-header' => ['pin header', 'Pin headers'],
        'socket-strip' => ['socket strip', 'Socket strips'], 'box-header' => ['box header', 'Box headers'], 'connector' => ['connector', 'Connectors'],
        'terminal-block' => ['terminal block', 'Terminal blocks'], 'jack' => ['jack', 'Jacks'], 'barrel-jack' => ['barrel jack', 'Barrel jacks'],
        'battery' => ['battery', 'Batteries'], 'battery-holder' => ['battery holder', 'Battery holders'], 'fuse-holder' => ['fuse holder', 'Fuse holders'],
        'display' => ['display', 'Displays'], 'sensor' => ['sensor', 'Sensors'], 'heat-sink' => ['heat sink', 'Heat sinks'], 'knob' => ['knob', 'Knobs'],
        'screw' => ['screw', 'Screws'], 'nut' => ['nut', 'Nuts'], 'washer' => ['washer', 'Washers'], 'standoff' => ['standoff', 'Standoffs'],
        'board' => ['board', 'Boards'], 'panel' => ['panel', 'Panel'], 'enclosure' => ['enclosure', 'Enclosure'], 'wire' => ['wire', 'Wires'], 'cable' => ['cable', 'Cables'],
        'feet' => ['foot', 'Feet'], 'label' => ['label', 'Labels'], 'consumable' => ['consumable', 'Consumables'], 'former' => ['former', 'Formers'], 'unknown' => ['unknown part', 'Unknown parts'],
    ],
    'mark' => [
        'band' => 'band', 'dark-band' => 'dark band', 'light-band' => 'light band', 'flat' => 'flat side', 'short-lead' => 'short lead', 'long-lead' => 'long lead', 'stripe' => 'stripe', 'plus' => 'plus sign', 'bar' => 'bar',
        'notch' => 'notch', 'dot' => 'dot', 'tab' => 'tab', 'metal-side' => 'metal side', 'key' => 'key', 'red-edge' => 'red edge', 'coloured-side' => 'coloured side', 'colour' => 'colour',
    ],
    'consequence' => [
        'works-after-turning' => 'Reversed: it does not work until turned, nothing is harmed.',
        'itself-damaged' => 'Reversed: it may be damaged.',
        'destroys-others' => 'Reversed: it destroys other parts too.',
        'can-hurt' => 'Reversed: it can hurt someone. Wear eye protection at first power.',
    ],
    'direction' => ['up' => 'up', 'up-right' => 'up and right', 'right' => 'right', 'down-right' => 'down and right', 'down' => 'down', 'down-left' => 'down and left', 'left' => 'left', 'up-left' => 'up and left'],
    'colour' => [],
    'terminal' => [
        'cathode' => 'the cathode', 'anode' => 'the anode', 'negative' => 'the negative lead', 'positive' => 'the positive lead', 'pin 1' => 'pin 1', 'pin-1' => 'pin 1', 'pin 1 side' => 'the side of pin 1', 'common pin' => 'the common pin', 'primary' => 'the primary side', 'collector' => 'the collector', 'emitter' => 'the emitter',
    ],
    'edge' => ['front' => 'front', 'back' => 'back', 'left' => 'left', 'right' => 'right'],
    'action' => [
        'wire' => 'Wire', 'wires' => 'Wires',
        'place' => 'Place loose', 'jig' => 'Panel on as jig', 'nuts' => 'Nuts finger-tight', 'tack' => 'One pin each, check straight and free', 'bolt' => 'Bolt together',
        'insert' => 'Insert', 'adjust' => 'Adjust', 'snap' => 'Snap off', 'remove' => 'Remove', 'cure' => 'Let cure', 'gate' => 'Test',
    ],
];

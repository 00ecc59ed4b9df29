<?php

declare(strict_types=1);

/** The circuit of the Halt Signal, invented for the demo: nets and their pins, and the holes of each board. */

return [
    'holes' => [
        'main' => [[4, 4], [92, 4], [4, 60], [92, 60], [92, 47, 2.5]],
        'lamps' => [[4, 4], [36, 4], [4, 60], [36, 60]],
    ],
    'silent' => [],
    'nets' => [
        'main' => [
            'JACK' => 'J1.1 D1.2',
            'VIN' => 'D1.1 C1.1 C2.1 U2.1',
            '+5V' => 'U2.3 C3.1 TP1.1 U1.8 R1.1 R2.1 R3.1 R9.1 K1.2 D2.1 J3.1',
            'GND' => 'J1.2 J1.3 C1.2 C2.2 C3.2 C4.2 U2.2 TP2.1 U1.1 J2.2 Q1.3 Q2.3 R7.2 R8.2 K1.1',
            'DIS' => 'U1.7 R3.2 RV1.1',
            'RATE' => 'RV1.2 RV1.3 R4.1',
            'TIM' => 'U1.2 U1.6 R4.2 C4.1',
            'OUT' => 'U1.3 R5.1 R6.1',
            'B1' => 'R5.2 Q1.2 R7.1',
            'COIL' => 'Q1.1 K1.5 D2.2',
            'TRK' => 'J2.1 R1.2 D3.1',
            'RST' => 'D3.2 R2.2 U1.4 R10.2 Q2.1',
            'SEL' => 'J5.1 R9.2',
            'ROAD' => 'J5.2 R10.1',
            'RAIL' => 'J5.3 R11.1',
            'B2' => 'R11.2 R6.2 Q2.2 R8.1',
            'LA' => 'K1.3 J3.2',
            'LB' => 'K1.4 J3.3',
        ],
        'lamps' => [
            '+5V' => 'J4.1 R12.1 R13.1 R14.1 R15.1',
            'LA' => 'J4.2 LED1.1 LED3.1',
            'LB' => 'J4.3 LED2.1 LED4.1',
            'P1' => 'R12.2 LED1.2',
            'P2' => 'R13.2 LED2.2',
            'P3' => 'R14.2 LED3.2',
            'P4' => 'R15.2 LED4.2',
        ],
    ],
];

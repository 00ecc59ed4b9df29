<?php

declare(strict_types=1);

/** The circuit of the Frost Bell, invented for the demo: nets and their pins, and the holes for screws of each board. */

return [
    'holes' => ['main' => [[4, 4], [96, 4], [4, 66], [96, 66]]],
    'silent' => ['LED3'],
    'nets' => [
        'main' => [
            'BATT' => 'J1.1 D1.2',
            'VIN' => 'D1.1 C1.1 R1.1 R7.2 R10.1 R14.1 R15.1 R16.1 JP1.1',
            '+5V' => 'R1.2 ZD1.1 C2.1 C4.1 R2.1 R3.1 R11.1 U1.8 TP1.1',
            'GND' =>
                'J1.2 C1.2 ZD1.2 C2.2 C4.2 U1.4 TP2.1 TP4.1 RV1.3 J2.2 C5.2 C3.2 C6.2 Q1.3 R9.2 Q2.3 C8.2 R13.2 ' .
                'C7.2 LED1.1 SW1.3 SW1.4',
            'THR' => 'R2.2 RV1.1 RV1.2 U1.2 TP3.1',
            'SENS' => 'R3.2 J2.1 C5.1 R5.1 R4.2',
            'SENSF' => 'R5.2 U1.3 C3.1 R6.1',
            'OUT1' => 'U1.1 R6.2 R7.1 R8.1',
            'B1' => 'R8.2 Q1.2 R9.1',
            'BZN' => 'Q1.1 BZ1.2 D2.2 LED3.1',
            'ARM' => 'JP1.2 BZ1.1 D2.1 C8.1',
            'LOWB' => 'R10.2 R13.1 U1.5 C7.1',
            'REF' => 'U1.6 R11.2 C6.1',
            'OUT2' => 'U1.7 R12.1 D3.1',
            'B2' => 'R12.2 Q2.2',
            'L2' => 'Q2.1 LED2.1',
            'A1' => 'R14.2 LED1.2',
            'A2' => 'R15.2 LED2.2',
            'A3' => 'R16.2 LED3.2',
            'TEST' => 'SW1.1 SW1.2 D3.2 R4.1',
        ],
    ],
    'sheet' => [
        'Supply' => ['J1', 'D1', 'C1', 'R1', 'ZD1', 'C2', 'C4', 'R16', 'LED3', 'JP1', 'C8'],
        'Frost point' => ['R2', 'RV1', 'J2', 'R3', 'C5', 'R5', 'C3', 'R4', 'SW1', 'D3'],
        'Comparator' => ['U1', 'R6', 'R7', 'R14', 'LED1', 'R10', 'R13', 'C7', 'R11', 'C6'],
        'Bell and low battery' => ['R8', 'Q1', 'R9', 'BZ1', 'D2', 'R12', 'Q2', 'R15', 'LED2'],
    ],
];

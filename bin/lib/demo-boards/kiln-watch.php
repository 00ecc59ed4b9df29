<?php

declare(strict_types=1);

/** The circuit of the main board of the Kiln Watch, invented for the demo: nets and their pins, and the holes of each board. */

return [
    'holes' => [
        'main' => [[4, 4], [136, 4], [4, 96], [136, 96]],
        'front' => [[4, 4], [116, 4], [4, 56], [116, 56]],
    ],
    'silent' => [],
    'nets' => [
        'main' => [
            'JACK' => 'J1.1 D1.2',
            'VIN' => 'D1.1 C1.1 U4.1 R18.1',
            '+5V' => 'U4.3 C2.1 C3.1 C9.1 TP1.1 U1.8 U2.8 U3.1 R3.1 R21.1 R9.1 R13.2 R14.1 D3.1 K1.2 D2.1 BZ1.1 J3.1',
            'GND' =>
                'J1.2 J1.3 C1.2 U4.2 C2.2 C3.2 C9.2 TP2.1 U1.4 U2.4 U3.14 D6.1 R22.2 R8.2 R10.2 Q1.3 Q2.3 D4.2 ' .
                'C4.2 C6.2 C7.2 C8.2 C10.2 C11.2 C12.2 C13.2 C14.2 R19.2 R20.2 J3.2',
            'TC+' => 'J2.1 R1.1 C5.1',
            'TC-' => 'J2.2 R2.1 C5.2',
            'INP' => 'R1.2 U1.3 C4.1 D3.2 D4.1',
            'CJ1' => 'R2.2 R3.2 D5.2',
            'CJ2' => 'D5.1 D6.2 R4.1',
            'ZT' => 'R21.2 RV1.1',
            'ZB' => 'RV1.3 R22.1',
            'ZERO' => 'RV1.2 R4.2 R5.1 C13.1',
            'FB1' => 'U1.2 R5.2 R6.1',
            'OUT1' => 'U1.1 R6.2 R7.1 TP3.1',
            'S1' => 'R7.2 U1.5 C14.1',
            'FB2' => 'U1.6 R8.1 RV2.1',
            'OUT2' => 'U1.7 RV2.2 RV2.3 TP4.1 R11.1 R12.1',
            'AN0' => 'R11.2 U3.2 C6.1 C12.1',
            'ALA' => 'R9.2 RV3.1',
            'ALM' => 'RV3.2 RV3.3 R10.1 TP5.1 U2.2',
            'CMP' => 'R12.2 U2.3 R17.1',
            'CO' => 'U2.1 R17.2 R13.1 R15.1',
            'B1' => 'R15.2 Q1.2',
            'COIL' => 'Q1.1 K1.5 D2.2',
            'ALARM1' => 'K1.1 J4.1',
            'ALARM2' => 'K1.3 J4.2',
            'LS' => 'R18.2 R19.1 C7.1 U2.5',
            'REF' => 'R14.2 R20.1 C8.1 U2.6',
            'LSO' => 'U2.7 U3.3',
            'BZD' => 'U3.4 R16.1',
            'B2' => 'R16.2 Q2.2',
            'BZN' => 'Q2.1 BZ1.2',
            'OSC1' => 'X1.1 U3.12 C10.1',
            'OSC2' => 'X1.2 U3.13 C11.1',
            'D0' => 'U3.5 J3.3',
            'D1' => 'U3.6 J3.4',
            'D2' => 'U3.7 J3.5',
            'D3' => 'U3.8 J3.6',
            'D4' => 'U3.9 J3.7',
            'D5' => 'U3.10 J3.8',
        ],
    ],
];

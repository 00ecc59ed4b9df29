<?php

declare(strict_types=1);

namespace Chiralex\Marking;

/** The code systems a marking can follow. */
enum Scheme: string
{
    case ThreeDigit = 'three-digit';
    case FourDigit = 'four-digit';
    case Letter = 'letter';
    case Eia96 = 'eia-96';
    case CapacitorCode = 'capacitor-code';
    case InductorCode = 'inductor-code';
    case Printed = 'printed';
}

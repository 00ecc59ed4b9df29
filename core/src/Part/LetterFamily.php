<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** Kinds that share designator letters in practice; common practice, no source. */
enum LetterFamily: string
{
    case Capacitor = 'capacitor';
    case Diode = 'diode';
    case Silicon = 'silicon';
    case Resistor = 'resistor';
    case Switch = 'switch';
    case Connector = 'connector';
    case Battery = 'battery';
}

<?php

declare(strict_types=1);

namespace Chiralex\Reason;

/** The stations of a kit, in the order of the work. */
enum Station: string
{
    case Parts = 'parts';
    case Board = 'board';
    case Order = 'order';
    case Marks = 'marks';
    case Bags = 'bags';
    case Bench = 'bench';
    case Manual = 'manual';
    case Faults = 'faults';
}

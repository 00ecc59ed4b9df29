<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** How a part's leads behave while the board is upside down. */
enum LeadStyle: string
{
    case AxialWire = 'axial-wire';
    case RadialWire = 'radial-wire';
    case StiffPins = 'stiff-pins';
    case SnapIn = 'snap-in';
    case None = 'none';
}

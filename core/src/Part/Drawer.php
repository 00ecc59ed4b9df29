<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** Where a kind lies at the bench; common practice, no source. */
enum Drawer
{
    case Resistors;
    case Capacitors;
    case Semiconductors;
    /** Connectors, switches and all else that stands on a board with a body of its own. */
    case Connectors;
    case Hardware;
    case Wire;
    /** Boards, panels, boxes. */
    case Flat;
}

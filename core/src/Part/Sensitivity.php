<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** What a part has to be kept from while it is handled, packed and soldered. */
enum Sensitivity: string
{
    case None = 'none';
    case Static = 'static';
    case Heat = 'heat';
    case Fragile = 'fragile';
}

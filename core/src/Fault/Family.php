<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** By what kits are compared: what `ShippedKit` says of each. */
enum Family: string
{
    case Revision = 'revision';
    case Lot = 'lot';
    case Run = 'run';
    case Option = 'option';
}

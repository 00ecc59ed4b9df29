<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** By what kits are compared: each names a property of `ShippedKit`. */
enum Family: string
{
    case Revision = 'revision';
    case Lot = 'lot';
    case Run = 'run';
    case Option = 'option';
}

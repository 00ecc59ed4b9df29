<?php

declare(strict_types=1);

namespace Chiralex\Supply\Cost;

/** What a kit costs money for, in the order of the stair. */
enum StepKind: string
{
    case Parts = 'parts';
    case Spares = 'spares';
    case Bags = 'bags';
    case SetUp = 'set-up';
    case Packing = 'packing';
    case Shipping = 'shipping';
    case Fees = 'fees';
    case Support = 'support';
}

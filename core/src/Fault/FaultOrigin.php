<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** Where a fault comes from; the six are kept apart. */
enum FaultOrigin: string
{
    case Builder = 'builder';
    case Part = 'part';
    case Document = 'document';
    case Design = 'design';
    case Equipment = 'equipment';
    case None = 'none';
}

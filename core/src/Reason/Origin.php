<?php

declare(strict_types=1);

namespace Chiralex\Reason;

/** Where a number or a fact came from; shown beside it wherever it is shown. */
enum Origin: string
{
    case Typed = 'typed in';
    case PartsList = 'parts list';
    case PlacementFile = 'placement file';
    case PackageOutline = 'package outline';
    case TypicalForKind = 'typical for the kind';
    case KitFile = 'kit file';
    case Computed = 'computed';
    case Measured = 'measured';
    case Standard = 'standard';
    case CommonPractice = 'common practice';
}

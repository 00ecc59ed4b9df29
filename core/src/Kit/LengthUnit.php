<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** In what lengths are told. */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Inch = 'inch';
    case Both = 'both';
}

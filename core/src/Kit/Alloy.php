<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** Solder with lead or without. */
enum Alloy: string
{
    case Leaded = 'leaded';
    case LeadFree = 'lead-free';
}

<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** By what a kit's parts are put into bags; the values are those of `settings.bagging`. */
enum Sorting: string
{
    case ByKind = 'by-kind';
    case ByStep = 'by-step';
    case BySide = 'by-side';
    case PartsAndHardware = 'parts-and-hardware';
    case ByCost = 'by-cost';
}

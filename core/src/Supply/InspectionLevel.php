<?php

declare(strict_types=1);

namespace Chiralex\Supply;

/** General inspection levels of ISO 2859-1: how large a sample is for its lot. */
enum InspectionLevel: string
{
    case One = 'I';
    case Two = 'II';
    case Three = 'III';
}

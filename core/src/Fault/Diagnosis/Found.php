<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

/** How a check came out. */
enum Found: string
{
    case Good = 'good';
    case Bad = 'bad';
    /** It could not be made, and teaches nothing. */
    case Cannot = 'cannot';
    case Reading = 'reading';
}

<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What became of a part from one revision to the next. */
enum Change: string
{
    case Added = 'added';
    case Removed = 'removed';
    case Substituted = 'substituted';
    case Renumbered = 'renumbered';
    case Changed = 'changed';
}

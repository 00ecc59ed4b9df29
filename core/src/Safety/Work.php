<?php

declare(strict_types=1);

namespace Chiralex\Safety;

/** Kinds of work that ask for caution. */
enum Work
{
    case Soldering;
    case Power;
    case Curing;
    case Breaking;
    case Battery;
    case Other;
}

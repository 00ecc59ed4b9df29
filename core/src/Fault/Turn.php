<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** What became of a cause after it was mended. */
enum Turn: string
{
    case Fell = 'fell';
    case Rose = 'rose';
    /** Too few kits to say. */
    case Open = 'open';
}

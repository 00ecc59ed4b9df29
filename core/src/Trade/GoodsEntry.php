<?php

declare(strict_types=1);

namespace Chiralex\Trade;

/** What happens to goods, which are counted and bear no serial number. */
enum GoodsEntry: string
{
    case Made = 'made';
    /** Taken apart: its parts lie in their bins again. */
    case Unmade = 'unmade';
    case Allocated = 'allocated';
    case Freed = 'freed';
    case Shipped = 'shipped';
    case Returned = 'returned';
    case Scrapped = 'scrapped';
}

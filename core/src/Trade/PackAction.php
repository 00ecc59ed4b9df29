<?php

declare(strict_types=1);

namespace Chiralex\Trade;

/** What a packer says with one key. */
enum PackAction: string
{
    case In = 'in';
    case Short = 'short';
    /** A hole is filled, at any time. */
    case Fill = 'fill';
    case Undo = 'undo';
    case Lot = 'lot';
}

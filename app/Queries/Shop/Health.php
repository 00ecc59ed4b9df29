<?php

declare(strict_types=1);

namespace App\Queries\Shop;

/** How something is: well, worth a look, or ill. */
enum Health: string
{
    case Well = 'well';
    case Look = 'look';
    case Ill = 'ill';
}

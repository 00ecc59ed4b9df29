<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What holds the board while it is soldered. */
enum Workholding: string
{
    case Table = 'table';
    case Holder = 'holder';
    case Frame = 'frame';
}

<?php

declare(strict_types=1);

namespace App\Actions\Kit;

/** Back or forth through the edits of a draft. */
enum Turn
{
    case Undo;
    case Redo;
}

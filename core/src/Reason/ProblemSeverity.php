<?php

declare(strict_types=1);

namespace Chiralex\Reason;

/** How bad a problem in a file is: an error makes the row unusable, a warning wants a look, a note only tells. */
enum ProblemSeverity: string
{
    case Error = 'error';
    case Warning = 'warning';
    case Note = 'note';
}

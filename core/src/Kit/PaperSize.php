<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** On what is printed. */
enum PaperSize: string
{
    case A4 = 'A4';
    case Letter = 'Letter';
}

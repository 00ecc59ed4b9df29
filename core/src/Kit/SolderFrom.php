<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** From which side of the parts joints are made. */
enum SolderFrom: string
{
    case Back = 'back';
    case Front = 'front';
}

<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** The shape of a body's top, which decides where it touches the table. */
enum BodyShape: string
{
    case Box = 'box';
    case Can = 'can';
    case Lying = 'lying';
    case Dome = 'dome';
}

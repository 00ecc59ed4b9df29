<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** Shapes that a trace of an oscilloscope has. */
enum Waveform: string
{
    case Square = 'square';
    case Sine = 'sine';
    case Triangle = 'triangle';
    case Saw = 'saw';
    case Flat = 'flat';
}

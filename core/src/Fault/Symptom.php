<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** What a customer notices; common practice, no source. */
enum Symptom: string
{
    case Nothing = 'nothing-happens';
    case Noise = 'hum-or-noise';
    case LightNoSound = 'light-no-sound';
    case SoundNoLight = 'sound-no-light';
    case LampDark = 'lamp-dark';
    case Dies = 'works-then-dies';
    case Hot = 'gets-hot';
    case Frequency = 'wrong-frequency';
    case Unstable = 'unstable';
    case CannotAdjust = 'cannot-adjust';
    case Missing = 'part-missing';
    case WrongPart = 'wrong-part';
    case Picture = 'differs-from-picture';
    case Broke = 'part-broke';
    case Scratched = 'board-scratched';
    case Unclear = 'manual-unclear';
    case Other = 'other';
}

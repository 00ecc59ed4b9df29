<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** How a body looks from above, where black and plain is not enough. */
enum BodyLook
{
    case Plain;
    case SleevedCan;
    case CeramicDisc;
    case FilmBox;
    case Bead;
    case Lens;
    case Slotted;
    case BlueBox;
    case ScrewHeads;
    case DarkBox;
    case GreyBox;
    case MetalCan;
    case Socket;
    case PinRow;
    case Plunger;
    case Sounder;
    case Chip;
    case Unknown;
}

<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

/** What kind of thing went wrong. */
enum SuspectClass: string
{
    case Reversed = 'reversed';
    case Swapped = 'swapped';
    case WrongHole = 'wrong-hole';
    case DryJoint = 'dry-joint';
    case Bridge = 'bridge';
    case LeftOut = 'left-out';
    case WiresSwapped = 'wires-swapped';
    case BadlySeated = 'badly-seated';
    case EndStop = 'end-stop';
    case Supply = 'supply';
    case Faulty = 'faulty';
    case WrongPart = 'wrong-part';
    /** The maker's own: of the design, of the manual. */
    case Own = 'own';
    /** Nothing is wrong. */
    case None = 'none';
}

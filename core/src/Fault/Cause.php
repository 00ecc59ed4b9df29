<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** What was wrong; common practice, no source. */
enum Cause: string
{
    case Reversed = 'reversed-part';
    case Swapped = 'swapped-look-alikes';
    case DryJoint = 'dry-joint';
    case Bridge = 'solder-bridge';
    case Neighbour = 'neighbouring-hole';
    case Wires = 'wires-swapped';
    case Substituted = 'substituted-part';
    case Faulty = 'faulty-part';
    case MissingPart = 'missing-from-bag';
    case NotMissing = 'part-was-there';
    case Weak = 'design-weakness';
    case Document = 'manual-error';
    case Supply = 'supply-or-battery';
    case Meter = 'meter-misread';
    case AsDesigned = 'works-as-designed';
    case Unknown = 'not-known-yet';

    /** The usual origin, to be corrected where a case is another. */
    public function usualOrigin(): FaultOrigin
    {
        return match ($this) {
            self::Reversed,
            self::Swapped,
            self::DryJoint,
            self::Bridge,
            self::Neighbour,
            self::Wires
                => FaultOrigin::Builder,
            self::Substituted, self::Faulty, self::MissingPart => FaultOrigin::Part,
            self::Document => FaultOrigin::Document,
            self::Weak => FaultOrigin::Design,
            self::Supply, self::Meter => FaultOrigin::Equipment,
            self::NotMissing, self::AsDesigned, self::Unknown => FaultOrigin::None,
        };
    }
}

<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** What was wrong: what a diagnosis suspects, and what else a report turns out to be; common practice, no source. */
enum Cause: string
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
    /** The maker's own entry, of the design or of the manual; a report says which of the two. */
    case Own = 'own';
    /** Nothing is wrong: it works as designed. */
    case None = 'none';
    case Design = 'design';
    case Document = 'document';
    case Meter = 'meter';
    case Missing = 'missing';
    case WasThere = 'was-there';
    case Unknown = 'unknown';

    /** The usual origin, to be corrected where a case is another. */
    public function usualOrigin(): FaultOrigin
    {
        return match ($this) {
            self::Reversed,
            self::Swapped,
            self::WrongHole,
            self::DryJoint,
            self::Bridge,
            self::LeftOut,
            self::WiresSwapped,
            self::BadlySeated,
            self::EndStop
                => FaultOrigin::Builder,
            self::WrongPart, self::Faulty, self::Missing => FaultOrigin::Part,
            self::Document => FaultOrigin::Document,
            self::Design, self::Own => FaultOrigin::Design,
            self::Supply, self::Meter => FaultOrigin::Equipment,
            self::WasThere, self::None, self::Unknown => FaultOrigin::None,
        };
    }

    /** @return list<self> what a person says of a report */
    public static function judged(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $cause): bool => $cause !== self::Own));
    }

    /** @return list<self> what a diagnosis looks for */
    public static function suspected(): array
    {
        return array_slice(self::cases(), 0, 14);
    }
}

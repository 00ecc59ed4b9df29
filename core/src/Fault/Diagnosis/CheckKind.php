<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

/** How a check is made. */
enum CheckKind: string
{
    /** All directions of a step, all values, all holes, all joints. */
    case StepDirections = 'step-directions';
    case StepValues = 'step-values';
    case StepHoles = 'step-holes';
    case StepJoints = 'step-joints';
    /** The same of the whole kit. */
    case AllDirections = 'all-directions';
    case AllValues = 'all-values';
    case AllHoles = 'all-holes';
    case AllJoints = 'all-joints';
    /** Callout of one part, its value, its holes, its joints. */
    case Direction = 'direction';
    case Value = 'value';
    case Hole = 'hole';
    case Joints = 'joints';
    case Wires = 'wires';
    case LeftOver = 'left-over';
    case KnownGood = 'known-good';
    case BridgeSwitch = 'bridge-switch';
    case DiodeTest = 'diode-test';
    case Ohms = 'ohms';
    /** Joints made anew: bad is that it works then. */
    case Reflow = 'reflow';
    case Seat = 'seat';
    case Turn = 'turn';
    case Measure = 'measure';
    case Supply = 'supply';
    case SupplySign = 'supply-sign';
    case OtherSupply = 'other-supply';

    /** What answers for one part what this one asks of many: whoever finds it odd taps the part. */
    public function ofOne(): ?self
    {
        return match ($this) {
            self::StepDirections, self::AllDirections => self::Direction,
            self::StepValues, self::AllValues => self::Value,
            self::StepHoles, self::AllHoles => self::Hole,
            self::StepJoints, self::AllJoints => self::Joints,
            default => null,
        };
    }
}

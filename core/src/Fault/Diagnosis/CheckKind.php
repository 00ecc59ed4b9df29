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
    /** Callout of one part, its value, its joints. */
    case Direction = 'direction';
    case Value = 'value';
    case Joints = 'joints';
    case Wires = 'wires';
    case LeftOver = 'left-over';
    case KnownGood = 'known-good';
    case BridgeSwitch = 'bridge-switch';
    case DiodeTest = 'diode-test';
    case Seat = 'seat';
    case Turn = 'turn';
    case Measure = 'measure';
    case Supply = 'supply';
}

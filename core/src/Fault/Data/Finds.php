<?php

declare(strict_types=1);

namespace Chiralex\Fault\Data;

/** Minutes of checks, and the chance that each finds what it looks for; common practice, no source. */
final readonly class Finds
{
    /** A step at once: its picture first, then each part. */
    public const STEP = 0.3;
    public const EACH = 0.1;
    public const EACH_JOINT = 0.06;
    public const MEASURE = 2.0;
    public const SUPPLY = 1.0;
    public const DIODE = 1.5;
    public const KNOWN_GOOD = 3.0;
    public const LEFT_OVER = 2.0;
    public const QUICK = 0.5;
    public const WIRES = 1.5;

    /** A turned part in a step, by its own callout; a value; a hole; an empty place. */
    public const DIRECTION_STEP = 0.9;
    public const DIRECTION = 0.95;
    public const VALUE_STEP = 0.85;
    public const VALUE = 0.95;
    public const HOLE_STEP = 0.9;
    public const EMPTY = 0.95;
    /** Dry joints are seen in two of three cases, bridges in three of four. */
    public const DRY_STEP = 0.65;
    public const DRY = 0.75;
    public const BRIDGE_STEP = 0.75;
    public const WIRE = 0.9;
    public const SEAT = 0.9;
    public const TURN = 0.9;
    public const NEW_PART = 0.97;
    public const JUNCTION = 0.85;
    public const MEASURED = 0.85;
    public const MEASURED_ELSE = 0.05;
    public const WEAK = 0.9;
    public const SHORT = 0.15;
}

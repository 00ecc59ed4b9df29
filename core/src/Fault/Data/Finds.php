<?php

declare(strict_types=1);

namespace Chiralex\Fault\Data;

/** Minutes of checks, and the chance that each finds what it looks for; common practice, no source. */
final readonly class Finds
{
    /** To read what is asked, find the place and answer. */
    public const ASKED = 1.0;
    /** One part, one joint among others. */
    public const EACH = 0.05;
    public const EACH_JOINT = 0.03;
    public const EACH_REFLOWED = 0.25;
    public const MEASURE = 2.5;
    public const SUPPLY = 1.5;
    public const DIODE = 2.0;
    public const KNOWN_GOOD = 3.5;
    public const LEFT_OVER = 2.5;
    public const ONE = 1.1;
    public const TRY = 2.0;
    public const WIRES = 2.0;

    /** A turned part in a step, by its own callout; a value; a hole; an empty place. */
    public const DIRECTION_ALL = 0.85;
    public const DIRECTION_STEP = 0.9;
    public const DIRECTION = 0.95;
    public const VALUE_ALL = 0.8;
    public const VALUE_STEP = 0.85;
    public const VALUE = 0.95;
    public const HOLE_ALL = 0.85;
    public const HOLE_STEP = 0.9;
    public const HOLE = 0.95;
    public const EMPTY = 0.95;
    /** Dry joints are seen in two of three cases, bridges in three of four. */
    public const DRY_ALL = 0.55;
    public const DRY_STEP = 0.65;
    public const REFLOWED = 0.95;
    public const REFLOWED_BRIDGE = 0.6;
    public const DRY = 0.75;
    public const BRIDGE_STEP = 0.75;
    public const WIRE = 0.9;
    public const SEAT = 0.9;
    public const TURN = 0.9;
    public const NEW_PART = 0.97;
    public const JUNCTION = 0.85;
    public const MEASURED = 0.85;
    public const MEASURED_ELSE = 0.05;
    public const ELSE = 0.02;
    public const OHMS = 0.8;
    public const WEAK = 0.9;
    public const SIGN = 0.95;
    public const SHORT = 0.15;
}

<?php

declare(strict_types=1);

namespace Chiralex\Safety\Data;

/** Limits of published standards, all from memory: correct them when the document is at hand. */
final readonly class Limits
{
    /** Extra-low voltage ends here, volts DC (IEC 60364-4-41, clause 414; IEC 61140). */
    public const ELV_DC = 120.0;
    /** The same, volts AC. */
    public const ELV_AC = 50.0;
    /** Bare parts may be touched with dry skin up to here, volts DC (IEC 60364-4-41, 414.4.5). */
    public const TOUCH_DC = 60.0;
    /** Seconds after switching off until no more than TOUCH_DC may be left (IEC 60204-1, 6.2.4). */
    public const DISCHARGE_SECONDS = 5.0;
    /** Charge that hurts, coulombs, above TOUCH_DC (IEC 61010-1, 6.3.1: 45 microcoulombs). */
    public const CHARGE = 45.0e-6;
    /** Energy that burns and throws metal when it is shorted, joules, at 2 V and above (IEC 60950-1, 1.2.8.10). */
    public const ENERGY = 20.0;
    public const ENERGY_VOLTS = 2.0;
}

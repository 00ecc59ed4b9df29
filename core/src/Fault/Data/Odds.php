<?php

declare(strict_types=1);

namespace Chiralex\Fault\Data;

use Chiralex\Part\Kind;

/**
 * How often each class of mistake is met, before anything is known of a kit and its builders: share of kits. All common practice, no
 * source; what is shipped and reported teaches otherwise (`Learning`).
 */
final readonly class Odds
{
    /** A joint that is dry, that has a bridge; times the joints of a step. */
    public const DRY_JOINT = 0.0005;
    public const BRIDGE = 0.00015;
    public const LEFT_OUT = 0.0006;
    public const WRONG_HOLE = 0.0008;
    /** Of two looks that are taken for each other without doubt; shared by the pairs of their places. */
    public const SWAPPED = 0.004;
    public const WRONG_PART = 0.0004;
    public const WIRES_ALIKE = 0.006;
    public const WIRES_APART = 0.002;
    public const BADLY_SEATED = 0.006;
    public const END_STOP = 0.006;
    public const SUPPLY_WEAK = 0.02;
    public const SUPPLY_REVERSED = 0.006;
    /** A matter of the maker's own that was reported and is none of the others. */
    public const OWN = 0.0005;
    /** Share of kits without a fault that are reported all the same. */
    public const FALSE_REPORT = 0.01;
    /** A half-built kit of which somebody asks whether it should do so. */
    public const NOT_YET = 0.3;
    /** Kits that these are worth when reports teach. */
    public const WORTH = 200.0;

    /** The board prints no mark, the part shows none after trimming, parts of its kind face several ways. */
    public const NO_MARK = 2.0;
    public const CLIPPED = 1.5;
    public const FACINGS = 1.5;
    /** Another hole that fits is near. */
    public const NEAR_HOLE = 3.0;

    public static function reversed(Kind $kind): float
    {
        return match ($kind) {
            Kind::Ic, Kind::Led => 0.012,
            Kind::Diode, Kind::Zener, Kind::Rectifier => 0.01,
            Kind::Electrolytic, Kind::Tantalum => 0.008,
            Kind::Transistor => 0.006,
            Kind::Bridge, Kind::Regulator, Kind::Photo, Kind::Buzzer, Kind::Relay => 0.004,
            default => 0.002,
        };
    }

    public static function faulty(Kind $kind): float
    {
        return match ($kind) {
            Kind::Ic,
            Kind::Display,
            Kind::Sensor,
            Kind::Relay,
            Kind::Switch,
            Kind::Potentiometer,
            Kind::Trimmer
                => 0.001,
            Kind::Buzzer, Kind::Speaker, Kind::Crystal, Kind::Regulator, Kind::Jack, Kind::BarrelJack => 0.001,
            Kind::Led, Kind::Diode, Kind::Zener, Kind::Rectifier, Kind::Transistor, Kind::Electrolytic => 0.0005,
            default => 0.0002,
        };
    }
}

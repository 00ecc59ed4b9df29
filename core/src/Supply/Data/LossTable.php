<?php

declare(strict_types=1);

namespace Chiralex\Supply\Data;

use Chiralex\Part\Kind;

/**
 * How often a piece is lost on the way into a kit or arrives faulty, before a shop's own reports teach otherwise: share of pieces.
 * Common practice, no source; docs/losses.md prints it.
 */
final readonly class LossTable
{
    public static function of(Kind $kind): float
    {
        return match ($kind) {
            Kind::Resistor, Kind::Ceramic, Kind::Led, Kind::Diode, Kind::Zener => 0.01,
            Kind::Rectifier, Kind::Film, Kind::Transistor, Kind::Photo, Kind::Thermistor, Kind::Inductor => 0.007,
            Kind::Electrolytic, Kind::Tantalum, Kind::Network, Kind::Crystal, Kind::Trimmer => 0.005,
            Kind::Ic, Kind::Regulator, Kind::Bridge, Kind::Sensor => 0.004,
            Kind::Screw, Kind::Nut, Kind::Washer, Kind::Standoff, Kind::Feet, Kind::PinHeader => 0.015,
            Kind::Wire, Kind::Cable, Kind::Consumable, Kind::Label => 0.02,
            Kind::Potentiometer, Kind::Switch, Kind::Button, Kind::Relay, Kind::Buzzer, Kind::Speaker => 0.005,
            Kind::Transformer, Kind::Display, Kind::Board, Kind::Panel, Kind::Enclosure => 0.002,
            default => 0.003,
        };
    }
}

<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Part\Sensitivity;

/** The families by which parts are sorted; common practice, no source. */
enum Family: string
{
    case TightResistors = 'bags.resistors-tight';
    case Resistors = 'bags.resistors';
    case Capacitors = 'bags.capacitors';
    case Semiconductors = 'bags.semiconductors';
    case Static = 'bags.static';
    case Connectors = 'bags.connectors';
    case Hardware = 'bags.hardware';
    case Wire = 'bags.wire';
    case Flat = 'bags.board';

    private const TIGHT = ['0.1', '0.25', '0.5', '1', '2'];

    public static function of(KitPart $part): self
    {
        if ($part->sensitivity === Sensitivity::Static) {
            return self::Static;
        }

        return match ($part->kind()) {
            Kind::Resistor, Kind::Network => in_array(self::tolerance($part), self::TIGHT, true)
                ? self::TightResistors
                : self::Resistors,
            Kind::Ceramic, Kind::Film, Kind::Electrolytic, Kind::Tantalum => self::Capacitors,
            Kind::Diode,
            Kind::Zener,
            Kind::Rectifier,
            Kind::Bridge,
            Kind::Led,
            Kind::Photo,
            Kind::Thermistor,
            Kind::Transistor,
            Kind::Regulator,
            Kind::Ic,
            Kind::Sensor
                => self::Semiconductors,
            Kind::Screw,
            Kind::Nut,
            Kind::Washer,
            Kind::Standoff,
            Kind::Feet,
            Kind::Knob,
            Kind::HeatSink,
            Kind::Label,
            Kind::Consumable,
            Kind::Former
                => self::Hardware,
            Kind::Wire, Kind::Cable => self::Wire,
            Kind::Board, Kind::Panel, Kind::Enclosure => self::Flat,
            Kind::Trimmer,
            Kind::Potentiometer,
            Kind::Inductor,
            Kind::Transformer,
            Kind::IcSocket,
            Kind::Crystal,
            Kind::Relay,
            Kind::Buzzer,
            Kind::Speaker,
            Kind::Switch,
            Kind::Button,
            Kind::PinHeader,
            Kind::SocketStrip,
            Kind::BoxHeader,
            Kind::Connector,
            Kind::TerminalBlock,
            Kind::Jack,
            Kind::BarrelJack,
            Kind::Battery,
            Kind::BatteryHolder,
            Kind::FuseHolder,
            Kind::Display,
            Kind::Unknown
                => self::Connectors,
        };
    }

    /** Where the family stands among the bags. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** True for what is no part on a board. */
    public function isHardware(): bool
    {
        return in_array($this, [self::Hardware, self::Wire], true);
    }

    private static function tolerance(KitPart $part): string
    {
        return $part->recognition->value->tolerance ?? trim($part->line->tolerance, " %\u{00B1}");
    }
}

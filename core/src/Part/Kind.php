<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** What a part is; the values are the words programs rely on. */
enum Kind: string
{
    case Resistor = 'resistor';
    case Network = 'network';
    case Trimmer = 'trimmer';
    case Potentiometer = 'potentiometer';
    case Ceramic = 'ceramic';
    case Film = 'film';
    case Electrolytic = 'electrolytic';
    case Tantalum = 'tantalum';
    case Inductor = 'inductor';
    case Transformer = 'transformer';
    case Diode = 'diode';
    case Zener = 'zener';
    case Rectifier = 'rectifier';
    case Bridge = 'bridge';
    case Led = 'led';
    case Photo = 'photo';
    case Thermistor = 'thermistor';
    case Transistor = 'transistor';
    case Regulator = 'regulator';
    case Ic = 'ic';
    case IcSocket = 'ic-socket';
    case Crystal = 'crystal';
    case Relay = 'relay';
    case Buzzer = 'buzzer';
    case Speaker = 'speaker';
    case Switch = 'switch';
    case Button = 'button';
    case PinHeader = 'pin-header';
    case SocketStrip = 'socket-strip';
    case BoxHeader = 'box-header';
    case Connector = 'connector';
    case TerminalBlock = 'terminal-block';
    case Jack = 'jack';
    case BarrelJack = 'barrel-jack';
    case Battery = 'battery';
    case BatteryHolder = 'battery-holder';
    case FuseHolder = 'fuse-holder';
    case Display = 'display';
    case Sensor = 'sensor';
    case HeatSink = 'heat-sink';
    case Knob = 'knob';
    case Screw = 'screw';
    case Nut = 'nut';
    case Washer = 'washer';
    case Standoff = 'standoff';
    case Board = 'board';
    case Panel = 'panel';
    case Enclosure = 'enclosure';
    case Wire = 'wire';
    case Link = 'link';
    case Cable = 'cable';
    case Feet = 'feet';
    case Label = 'label';
    case Consumable = 'consumable';
    case Former = 'former';
    case Unknown = 'unknown';
}

<?php

declare(strict_types=1);

namespace Chiralex\Part\Data;

use Chiralex\Part\BodyLook as L;
use Chiralex\Part\Consequence as C;
use Chiralex\Part\Drawer as D;
use Chiralex\Part\Hold as H;
use Chiralex\Part\Kind as K;
use Chiralex\Part\KindRow;
use Chiralex\Part\LetterFamily as F;
use Chiralex\Part\Mark as M;
use Chiralex\Part\Role as R;
use Chiralex\Part\Sensitivity as S;
use Chiralex\Quantity\Unit as U;

/**
 * The one table of kinds: a new kind is its word in Kind, a row here, and its words (Bom/Data/KindWords, render/words). Prefix
 * letters follow IEEE 315 class letters (from memory) and their usual relatives; what boards print follows the graphical symbols of
 * IEC 60617 (bar at the cathode, plus at the positive terminal) and the pin 1 marking of IEC 61188-7, both from memory; marks, holds,
 * consequences, leads and holes are common practice at the bench; masses are from memory.
 */
final readonly class KindTable
{
    private const PRACTICE = 'common practice';
    private const OUTLINE = 'package outline table, common practice';
    private const SYMBOL = 'IEC 60617, from memory';
    private const PIN_ONE = 'IEC 61188-7, from memory';

    /** @return array<string, KindRow> by kind value */
    public static function rows(): array
    {
        $rows = [];
        foreach (self::list() as $row) {
            $rows[$row->kind->value] = $row;
        }

        return $rows;
    }

    /** @return list<KindRow> */
    private static function list(): array
    {
        $o = self::OUTLINE;
        $p = self::PRACTICE;

        return [
            KindRow::soldered(K::Resistor, ['R'], $o)
                ->body('axial-1/4W', H::Bend, S::None, 0.2)
                ->valued(U::Ohm)
                ->lettered(F::Resistor)
                ->kept(D::Resistors, 'tip.resistor', R::PreferredValue, R::Measured, R::EitherWay),
            KindRow::soldered(K::Network, ['RN', 'RA'], $o)
                ->body('sip-8', H::Tack, S::None, 0.5)
                ->marked(M::Dot, M::Dot, 'common pin', C::WorksAfterTurning)
                ->printed('pin 1', M::Dot, self::PIN_ONE)
                ->valued(U::Ohm)
                ->lettered(F::Resistor)
                ->kept(D::Resistors, 'tip.header', R::PreferredValue, R::Measured),
            KindRow::soldered(K::Trimmer, ['RV', 'VR', 'TR', 'P'], $p)
                ->body('trimmer-6mm', H::Tack, S::Heat, 0.6, L::Slotted)
                ->valued(U::Ohm)
                ->lettered(F::Resistor)
                ->kept(D::Connectors, 'tip.trimmer', R::Adjusts),
            KindRow::soldered(K::Potentiometer, ['POT', 'RP'], $p)
                ->body('potentiometer-16mm', H::Tack, S::None, 6.0, L::BlueBox, 1.1)
                ->valued(U::Ohm)
                ->drilled(7.0, 'drill.potentiometer')
                ->lettered(F::Resistor)
                ->kept(D::Connectors, 'tip.potentiometer', R::Adjusts, R::NeedsWires, R::Nutted),
            KindRow::soldered(K::Ceramic, ['C'], $o)
                ->body('disc-5mm', H::Splay, S::None, 0.2, L::CeramicDisc)
                ->valued(U::Farad)
                ->lettered(F::Capacitor)
                ->kept(D::Capacitors, 'tip.ceramic', R::PreferredValue, R::EitherWay, R::DiameterByHeight),
            KindRow::soldered(K::Film, [], $o)
                ->body('film-box-5mm', H::Splay, S::None, 0.6, L::FilmBox)
                ->valued(U::Farad)
                ->lettered(F::Capacitor)
                ->kept(
                    D::Capacitors,
                    'tip.ceramic',
                    R::PreferredValue,
                    R::Measured,
                    R::EitherWay,
                    R::DiameterByHeight
                ),
            KindRow::soldered(K::Electrolytic, ['CE'], $o)
                ->body('radial-6.3x11', H::Splay, S::None, 0.6, L::SleevedCan)
                ->marked(M::LongLead, M::Stripe, 'negative', C::CanHurt)
                ->printed('plus', M::LongLead, self::SYMBOL)
                ->valued(U::Farad)
                ->lettered(F::Capacitor)
                ->kept(
                    D::Capacitors,
                    'tip.electrolytic',
                    R::PolarCapacitor,
                    R::PreferredValue,
                    R::EitherWay,
                    R::DiameterByHeight
                ),
            KindRow::soldered(K::Tantalum, ['CT'], $p)
                ->body('bead-5x8', H::Splay, S::None, 0.3, L::Bead)
                ->marked(M::LongLead, M::Plus, 'positive', C::CanHurt)
                ->printed('plus', M::Plus, self::SYMBOL)
                ->valued(U::Farad)
                ->lettered(F::Capacitor)
                ->kept(D::Capacitors, 'tip.electrolytic', R::PolarCapacitor, R::PreferredValue, R::DiameterByHeight),
            KindRow::soldered(K::Inductor, ['L', 'FB'], $p)
                ->body('axial-1/2W', H::Bend, S::None, 0.4)
                ->valued(U::Henry)
                ->kept(
                    D::Connectors,
                    'tip.radial',
                    R::PreferredValue,
                    R::Measured,
                    R::EitherWay,
                    R::DiameterByHeight
                ),
            KindRow::soldered(K::Transformer, ['T'], $p)
                ->body('block-30x25x22', H::Tack, S::Heat, 60.0, L::DarkBox, 1.0)
                ->marked(M::ColouredSide, M::ColouredSide, 'primary', C::CanHurt)
                ->printed('outline', M::ColouredSide, $p)
                ->kept(D::Connectors, 'tip.relay', R::NeedsWires, R::HeavyJoint),
            KindRow::soldered(K::Diode, ['D', 'CR'], $o)
                ->body('DO-35', H::Bend, S::None, 0.13)
                ->marked(M::Band, M::Band, 'cathode', C::WorksAfterTurning)
                ->printed('bar', M::Band, self::SYMBOL)
                ->lettered(F::Diode)
                ->kept(D::Semiconductors, 'tip.diode', R::NamePrinted, R::SmallPrint),
            KindRow::soldered(K::Zener, ['ZD', 'VZ', 'DZ'], $o)
                ->body('DO-35', H::Bend, S::None, 0.13)
                ->marked(M::Band, M::Band, 'cathode', C::DestroysOthers)
                ->printed('bar', M::Band, self::SYMBOL)
                ->lettered(F::Diode)
                ->kept(D::Semiconductors, 'tip.diode', R::NamePrinted, R::SmallPrint),
            KindRow::soldered(K::Rectifier, [], $o)
                ->body('DO-41', H::Bend, S::None, 0.33, leads: 0.8)
                ->marked(M::Band, M::Band, 'cathode', C::WorksAfterTurning)
                ->printed('bar', M::Band, self::SYMBOL)
                ->lettered(F::Diode)
                ->kept(D::Semiconductors, 'tip.diode', R::NamePrinted, R::SmallPrint),
            KindRow::soldered(K::Bridge, ['BR', 'DB'], $p)
                ->body('bridge-4', H::Tack, S::None, 1.5)
                ->marked(M::Plus, M::Plus, 'positive', C::CanHurt)
                ->printed('plus', M::Plus, self::SYMBOL)
                ->lettered(F::Diode)
                ->kept(D::Semiconductors, 'tip.radial', R::NamePrinted),
            KindRow::soldered(K::Led, ['LED', 'LD', 'DS'], $o)
                ->body('led-5mm', H::Splay, S::Heat, 0.3, L::Lens)
                ->marked(M::ShortLead, M::Flat, 'cathode', C::WorksAfterTurning)
                ->printed('flat', M::Flat, $p)
                ->drilled(5.1, 'drill.led')
                ->lettered(F::Diode)
                ->kept(D::Semiconductors, 'tip.led', R::Lens, R::NeedsPower, R::NeedsWires),
            KindRow::soldered(K::Photo, ['PD', 'PT', 'LDR'], $p)
                ->body('led-5mm', H::Splay, S::Heat, 0.3, L::Lens)
                ->marked(M::ShortLead, M::Flat, 'collector or cathode', C::WorksAfterTurning)
                ->printed('flat', M::Flat, $p)
                ->drilled(5.1, 'drill.led')
                ->lettered(F::Diode)
                ->kept(D::Semiconductors, 'tip.led', R::Lens, R::NeedsWires, R::NamePrinted),
            KindRow::soldered(K::Thermistor, ['RT', 'TH', 'NTC', 'PTC'], $p)
                ->body('disc-6mm', H::Splay, S::Heat, 0.3)
                ->valued(U::Ohm)
                ->lettered(F::Resistor)
                ->kept(D::Semiconductors, 'tip.radial', R::NeedsWires, R::SmallPrint, R::Measured, R::EitherWay),
            KindRow::soldered(K::Transistor, ['Q', 'TR', 'V'], $o)
                ->body('TO-92', H::Splay, S::Static, 0.2)
                ->marked(M::Flat, M::Flat, 'body outline', C::ItselfDamaged)
                ->printed('outline', M::Flat, $p)
                ->lettered(F::Silicon)
                ->kept(D::Semiconductors, 'tip.to92', R::NeedsPower, R::NamePrinted, R::SmallPrint),
            KindRow::soldered(K::Regulator, ['VR', 'REG'], $o)
                ->body('TO-220', H::Splay, S::None, 2.0, leads: 0.9)
                ->marked(M::MetalSide, M::MetalSide, 'metal side', C::DestroysOthers)
                ->printed('bar', M::MetalSide, $p)
                ->lettered(F::Silicon)
                ->kept(D::Semiconductors, 'tip.to92', R::NeedsPower, R::HeavyJoint, R::NamePrinted, R::SmallPrint),
            KindRow::soldered(K::Ic, ['U', 'IC', 'N'], $o)
                ->body('DIP-8', H::Tack, S::Static, 0.5, L::Chip)
                ->marked(M::Notch, M::Notch, 'pin 1', C::ItselfDamaged)
                ->printed('notch', M::Notch, self::PIN_ONE)
                ->lettered(F::Silicon)
                ->kept(D::Semiconductors, 'tip.ic-direct', R::NeedsPower, R::NamePrinted),
            KindRow::soldered(K::IcSocket, ['XU', 'XIC', 'SK', 'XS', 'IS'], $o)
                ->body('socket-DIP-8', H::Tack, S::None, 0.9, L::Socket)
                ->marked(M::Notch, M::Notch, 'pin 1', C::WorksAfterTurning)
                ->printed('notch', M::Notch, self::PIN_ONE)
                ->kept(D::Connectors, 'tip.socket'),
            KindRow::soldered(K::Crystal, ['X', 'Y', 'XT', 'XTAL'], $o)
                ->body('HC-49/U', H::Splay, S::Heat, 1.0, L::MetalCan)
                ->kept(D::Connectors, 'tip.radial', R::NamePrinted, R::EitherWay),
            KindRow::soldered(K::Relay, ['K', 'RL', 'RY', 'RLY'], $o)
                ->body('relay-cube', H::Tack, S::Heat, 10.0, L::DarkBox, 1.0)
                ->printed('outline', M::ColouredSide, $p)
                ->kept(
                    D::Connectors,
                    'tip.relay',
                    R::NeedsPower,
                    R::NeedsWires,
                    R::Gripped,
                    R::HeavyJoint,
                    R::NamePrinted
                ),
            KindRow::soldered(K::Buzzer, ['BZ', 'BUZ'], $p)
                ->body('radial-12x9.5', H::Splay, S::Heat, 1.6, L::Sounder)
                ->marked(M::LongLead, M::Plus, 'positive', C::WorksAfterTurning)
                ->printed('plus', M::Plus, $p)
                ->kept(D::Connectors, 'tip.radial', R::NeedsPower, R::NeedsWires, R::DiameterByHeight),
            KindRow::loose(K::Speaker, ['LS', 'SP', 'SPK'], $p)
                ->body('can-40x10', H::NoneNeeded, S::Fragile, 20.0)
                ->kept(D::Connectors, 'tip.wire', R::NeedsPower, R::NeedsWires, R::OwnStep),
            KindRow::soldered(K::Switch, ['SW', 'S'], $p)
                ->body('block-12x6x8', H::Putty, S::Heat, 1.5, L::GreyBox, 1.0)
                ->drilled(6.2, 'drill.switch')
                ->lettered(F::Switch)
                ->kept(D::Connectors, 'tip.block', R::NeedsWires, R::Gripped, R::Nutted),
            KindRow::soldered(K::Button, ['BTN', 'PB', 'KEY', 'TACT'], $o)
                ->body('tact-6x6', H::OwnLock, S::None, 0.3, L::Plunger, 0.9)
                ->drilled(7.0, 'drill.switch')
                ->lettered(F::Switch)
                ->kept(D::Connectors, 'tip.block', R::NeedsWires, R::Gripped),
            KindRow::soldered(K::PinHeader, ['JP', 'HDR', 'PH', 'H', 'J', 'P'], $o)
                ->body('header-1x2', H::Tape, S::Heat, 0.4, L::PinRow, 0.7)
                ->lettered(F::Connector)
                ->kept(D::Connectors, 'tip.header', R::TakesWires, R::Gripped),
            KindRow::soldered(K::SocketStrip, ['SS', 'JS'], $o)
                ->body('strip-1x8', H::Tape, S::Heat, 1.0, L::PinRow, 0.7)
                ->lettered(F::Connector)
                ->kept(D::Connectors, 'tip.header', R::Gripped),
            KindRow::soldered(K::BoxHeader, ['BH', 'IDC'], $o)
                ->body('box-header-2x5', H::Tape, S::Heat, 2.0, L::PinRow, 0.7)
                ->marked(M::Key, M::Key, 'pin 1 side', C::DestroysOthers)
                ->printed('notch', M::Key, $p)
                ->lettered(F::Connector)
                ->kept(D::Connectors, 'tip.header', R::Gripped),
            KindRow::soldered(K::Connector, ['J', 'CN', 'CON', 'X', 'P'], $p)
                ->body('block-10x6x10', H::Tape, S::Heat, 1.0)
                ->marked(M::Key, M::Key, 'pin 1 side', C::DestroysOthers)
                ->lettered(F::Connector)
                ->kept(D::Connectors, 'tip.header', R::Gripped),
            KindRow::soldered(K::TerminalBlock, ['TB', 'J', 'X'], $o)
                ->body('terminal-2x5.08', H::Tape, S::Heat, 2.5, L::ScrewHeads, 1.1)
                ->lettered(F::Connector)
                ->kept(D::Connectors, 'tip.block', R::TakesWires, R::Gripped, R::HeavyJoint),
            KindRow::soldered(K::Jack, ['J', 'JK'], $p)
                ->body('jack-6.35', H::Putty, S::Heat, 5.0, leads: 1.4)
                ->drilled(9.5, 'drill.jack')
                ->lettered(F::Connector)
                ->kept(D::Connectors, 'tip.block', R::NeedsWires, R::Gripped, R::HeavyJoint, R::Nutted),
            KindRow::soldered(K::BarrelJack, ['J', 'DC'], $o)
                ->body('barrel-jack', H::Putty, S::Heat, 3.0, leads: 1.4)
                ->drilled(8.0, 'drill.jack')
                ->lettered(F::Connector)
                ->kept(D::Connectors, 'tip.block', R::NeedsWires, R::Gripped, R::HeavyJoint, R::Nutted),
            KindRow::loose(K::Battery, ['BT', 'BAT', 'B'], $p)
                ->body('block-48x26x17', H::NoneNeeded, S::None, 45.0)
                ->marked(M::Plus, M::Plus, 'positive', C::DestroysOthers)
                ->lettered(F::Battery)
                ->kept(D::Connectors, '', R::OwnStep, R::HoldsBattery),
            KindRow::soldered(K::BatteryHolder, ['BH', 'BC'], $o)
                ->body('battery-snap', H::Tack, S::None, 6.0, leads: 1.1)
                ->marked(M::Plus, M::Plus, 'positive', C::DestroysOthers)
                ->lettered(F::Battery)
                ->kept(D::Connectors, 'tip.block', R::NeedsWires, R::HeavyJoint, R::HoldsBattery),
            KindRow::soldered(K::FuseHolder, ['F', 'FH', 'XF'], $p)
                ->body('block-22x9x10', H::Tack, S::None, 2.0, leads: 1.1)
                ->kept(D::Connectors, 'tip.block', R::HeavyJoint),
            KindRow::soldered(K::Display, ['DIS', 'DISP', 'LCD', 'DSP'], $p)
                ->body('block-50x20x8', H::Tack, S::Fragile, 8.0)
                ->marked(M::Dot, M::Dot, 'pin 1', C::ItselfDamaged)
                ->printed('pin 1', M::Dot, self::PIN_ONE)
                ->kept(D::Connectors, 'tip.header', R::NeedsPower, R::NeedsWires),
            KindRow::soldered(K::Sensor, ['SEN', 'B', 'MK', 'MIC'], $p)
                ->body('TO-92', H::Splay, S::Fragile, 0.3)
                ->marked(M::Flat, M::Flat, 'body outline', C::ItselfDamaged)
                ->printed('outline', M::Flat, $p)
                ->lettered(F::Silicon)
                ->kept(
                    D::Semiconductors,
                    'tip.to92',
                    R::NeedsWires,
                    R::NamePrinted,
                    R::SmallPrint,
                    R::DiameterByHeight
                ),
            KindRow::loose(K::HeatSink, ['HS'], $p)
                ->body('block-20x15x25', H::Tack, S::None, 8.0)
                ->kept(D::Hardware, '', R::HeavyJoint),
            KindRow::loose(K::Knob, ['KN'], $p)
                ->body('none', H::NoneNeeded, S::None, 4.0)
                ->kept(D::Hardware, 'tip.knob', R::OwnStep, R::BoxWork),
            KindRow::loose(K::Screw, ['SCR', 'M'], $p)
                ->body('none', H::NoneNeeded, S::None, 0.8)
                ->kept(D::Hardware, '', R::Fastener),
            KindRow::loose(K::Nut, ['NUT'], $p)
                ->body('none', H::NoneNeeded, S::None, 0.4)
                ->kept(D::Hardware, '', R::Fastener),
            KindRow::loose(K::Washer, ['WSH'], $p)
                ->body('none', H::NoneNeeded, S::None, 0.1)
                ->kept(D::Hardware, '', R::Fastener),
            KindRow::loose(K::Standoff, ['ST', 'SO', 'MP', 'STD'], $p)
                ->body('none', H::NoneNeeded, S::None, 1.5)
                ->kept(D::Hardware, '', R::Fastener),
            KindRow::loose(K::Board, ['PCB', 'BOARD', 'A'], $p)
                ->body('none', H::NoneNeeded, S::Fragile, 15.0)
                ->kept(D::Flat),
            KindRow::loose(K::Panel, ['PANEL', 'PNL'], $p)
                ->body('none', H::NoneNeeded, S::None, 40.0)
                ->kept(D::Flat, 'tip.enclosure', R::OwnStep, R::BoxWork),
            KindRow::loose(K::Enclosure, ['BOX', 'CASE', 'ENC', 'LID'], $p)
                ->body('none', H::NoneNeeded, S::None, 80.0)
                ->kept(D::Flat, 'tip.enclosure', R::OwnStep, R::BoxWork),
            KindRow::loose(K::Wire, ['W'], $p)
                ->body('none', H::NoneNeeded, S::None, 0.5)
                ->kept(D::Wire, 'tip.wire'),
            KindRow::soldered(K::Link, ['LK', 'WL'], $p)
                ->body('link-10.16', H::Bend, S::None, 0.1)
                ->kept(D::Wire, 'tip.link', R::EitherWay),
            KindRow::loose(K::Cable, ['CBL'], $p)
                ->body('none', H::NoneNeeded, S::None, 5.0)
                ->marked(M::RedEdge, M::RedEdge, 'pin 1', C::WorksAfterTurning)
                ->printed('pin 1', M::RedEdge, $p)
                ->kept(D::Wire, 'tip.ribbon', R::OwnStep),
            KindRow::loose(K::Feet, ['FT', 'FEET'], $p)
                ->body('none', H::NoneNeeded, S::None, 0.6)
                ->kept(D::Hardware, '', R::OwnStep, R::BoxWork),
            KindRow::loose(K::Label, ['LBL'], $p)
                ->body('none', H::NoneNeeded, S::None, 0.2)
                ->kept(D::Hardware, '', R::OwnStep, R::BoxWork),
            KindRow::loose(K::Consumable, [], $p)
                ->body('none', H::NoneNeeded, S::None, 1.0)
                ->kept(D::Hardware),
            KindRow::loose(K::Former, [], $p)
                ->body('none', H::NoneNeeded, S::None, 3.0)
                ->kept(D::Hardware),
            KindRow::soldered(K::Unknown, [], 'no row: the maker is asked')
                ->body('unknown', H::Tack, S::None, 0.0, L::Unknown)
                ->kept(D::Connectors, '', R::DiameterByHeight),
        ];
    }
}

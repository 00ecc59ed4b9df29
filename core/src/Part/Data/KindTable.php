<?php

declare(strict_types=1);

namespace Chiralex\Part\Data;

use Chiralex\Part\Consequence as C;
use Chiralex\Part\Hold as H;
use Chiralex\Part\Kind as K;
use Chiralex\Part\KindRow;
use Chiralex\Part\Mark as M;
use Chiralex\Part\Sensitivity as S;
use Chiralex\Quantity\Unit as U;

/**
 * The one table of kinds. Prefix letters follow IEEE 315 class letters (from memory) and their usual relatives;
 * marks, holds and consequences are common practice at the bench; masses are from memory.
 */
final readonly class KindTable
{
    private const PRACTICE = 'common practice';
    private const OUTLINE = 'package outline table, common practice';

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
            new KindRow(K::Resistor, ['R'], true, 'axial-1/4W', null, null, null, null, H::Bend, S::None, U::Ohm, 0.2,
                $o),
            new KindRow(K::Network, ['RN', 'RA'], true, 'sip-8', M::Dot, M::Dot, 'common pin', C::WorksAfterTurning,
                H::Tack, S::None, U::Ohm, 0.5, $o),
            new KindRow(K::Trimmer, ['RV', 'VR', 'TR', 'P'], true, 'trimmer-6mm', null, null, null, null, H::Tack,
                S::Heat, U::Ohm, 0.6, $p),
            new KindRow(K::Potentiometer, ['POT', 'RP'], true, 'potentiometer-16mm', null, null, null, null, H::Tack,
                S::None, U::Ohm, 6.0, $p),
            new KindRow(K::Ceramic, ['C'], true, 'disc-5mm', null, null, null, null, H::Splay, S::None, U::Farad, 0.2,
                $o),
            new KindRow(K::Film, [], true, 'film-box-5mm', null, null, null, null, H::Splay, S::None, U::Farad, 0.6,
                $o),
            new KindRow(K::Electrolytic, ['CE'], true, 'radial-6.3x11', M::LongLead, M::Stripe, 'negative',
                C::CanHurt, H::Splay, S::None, U::Farad, 0.6, $o),
            new KindRow(K::Tantalum, ['CT'], true, 'bead-5x8', M::LongLead, M::Plus, 'positive', C::CanHurt, H::Splay,
                S::None, U::Farad, 0.3, $p),
            new KindRow(K::Inductor, ['L', 'FB'], true, 'axial-1/2W', null, null, null, null, H::Bend, S::None,
                U::Henry, 0.4, $p),
            new KindRow(K::Transformer, ['T'], true, 'block-30x25x22', M::ColouredSide, M::ColouredSide, 'primary',
                C::CanHurt, H::Tack, S::Heat, null, 60.0, $p),
            new KindRow(K::Diode, ['D', 'CR'], true, 'DO-35', M::Band, M::Band, 'cathode', C::WorksAfterTurning,
                H::Bend, S::None, null, 0.13, $o),
            new KindRow(K::Zener, ['ZD', 'VZ', 'DZ'], true, 'DO-35', M::Band, M::Band, 'cathode', C::DestroysOthers,
                H::Bend, S::None, null, 0.13, $o),
            new KindRow(K::Rectifier, [], true, 'DO-41', M::Band, M::Band, 'cathode', C::WorksAfterTurning, H::Bend,
                S::None, null, 0.33, $o),
            new KindRow(K::Bridge, ['BR', 'DB'], true, 'block-15x9x7', M::Plus, M::Plus, 'positive', C::CanHurt,
                H::Tack, S::None, null, 1.5, $p),
            new KindRow(K::Led, ['LED', 'LD', 'DS'], true, 'led-5mm', M::ShortLead, M::Flat, 'cathode',
                C::WorksAfterTurning, H::Splay, S::Heat, null, 0.3, $o),
            new KindRow(K::Photo, ['PD', 'PT', 'LDR'], true, 'led-5mm', M::ShortLead, M::Flat, 'collector or cathode',
                C::WorksAfterTurning, H::Splay, S::Heat, null, 0.3, $p),
            new KindRow(K::Thermistor, ['RT', 'TH', 'NTC', 'PTC'], true, 'disc-6mm', null, null, null, null, H::Splay,
                S::Heat, U::Ohm, 0.3, $p),
            new KindRow(K::Transistor, ['Q', 'TR', 'V'], true, 'TO-92', M::Flat, M::Flat, 'body outline',
                C::ItselfDamaged, H::Splay, S::Static, null, 0.2, $o),
            new KindRow(K::Regulator, ['VR', 'REG'], true, 'TO-220', M::MetalSide, M::MetalSide, 'metal side',
                C::DestroysOthers, H::Splay, S::None, null, 2.0, $o),
            new KindRow(K::Ic, ['U', 'IC', 'N'], true, 'DIP-8', M::Notch, M::Notch, 'pin 1', C::ItselfDamaged,
                H::Tack, S::Static, null, 0.5, $o),
            new KindRow(K::IcSocket, ['XU', 'XIC', 'SK', 'XS', 'IS'], true, 'socket-DIP-8', M::Notch, M::Notch,
                'pin 1', C::ItselfDamaged, H::Tack, S::None, null, 0.9, $o),
            new KindRow(K::Crystal, ['X', 'Y', 'XT', 'XTAL'], true, 'HC-49/U', null, null, null, null, H::Splay,
                S::Heat, null, 1.0, $o),
            new KindRow(K::Relay, ['K', 'RL', 'RY', 'RLY'], true, 'relay-cube', null, null, null, null, H::Tack,
                S::Heat, null, 10.0, $o),
            new KindRow(K::Buzzer, ['BZ', 'BUZ'], true, 'radial-12x9.5', M::LongLead, M::Plus, 'positive',
                C::WorksAfterTurning, H::Splay, S::Heat, null, 1.6, $p),
            new KindRow(K::Speaker, ['LS', 'SP', 'SPK'], false, 'can-40x10', null, null, null, null, H::NoneNeeded,
                S::Fragile, null, 20.0, $p),
            new KindRow(K::Switch, ['SW', 'S'], true, 'block-12x6x8', null, null, null, null, H::Putty, S::Heat, null,
                1.5, $p),
            new KindRow(K::Button, ['BTN', 'PB', 'KEY', 'TACT'], true, 'tact-6x6', null, null, null, null, H::OwnLock,
                S::None, null, 0.3, $o),
            new KindRow(K::PinHeader, ['JP', 'HDR', 'PH', 'H', 'J', 'P'], true, 'header-1x2', null, null, null, null,
                H::Tape, S::Heat, null, 0.4, $o),
            new KindRow(K::SocketStrip, ['SS', 'JS'], true, 'strip-1x8', null, null, null, null, H::Tape, S::Heat,
                null, 1.0, $o),
            new KindRow(K::BoxHeader, ['BH', 'IDC'], true, 'box-header-2x5', M::Key, M::Key, 'pin 1 side',
                C::DestroysOthers, H::Tape, S::Heat, null, 2.0, $o),
            new KindRow(K::Connector, ['J', 'CN', 'CON', 'X', 'P'], true, 'block-10x6x10', M::Key, M::Key,
                'pin 1 side', C::DestroysOthers, H::Tape, S::Heat, null, 1.0, $p),
            new KindRow(K::TerminalBlock, ['TB', 'J', 'X'], true, 'terminal-2x5.08', null, null, null, null, H::Tape,
                S::Heat, null, 2.5, $o),
            new KindRow(K::Jack, ['J', 'JK'], true, 'jack-6.35', null, null, null, null, H::Putty, S::Heat, null, 5.0,
                $p),
            new KindRow(K::BarrelJack, ['J', 'DC'], true, 'barrel-jack', null, null, null, null, H::Putty, S::Heat,
                null, 3.0, $o),
            new KindRow(K::Battery, ['BT', 'BAT', 'B'], false, 'block-48x26x17', M::Plus, M::Plus, 'positive',
                C::DestroysOthers, H::NoneNeeded, S::None, null, 45.0, $p),
            new KindRow(K::BatteryHolder, ['BH', 'BC'], true, 'battery-snap', M::Plus, M::Plus, 'positive',
                C::DestroysOthers, H::Tack, S::None, null, 6.0, $o),
            new KindRow(K::FuseHolder, ['F', 'FH', 'XF'], true, 'block-22x9x10', null, null, null, null, H::Tack,
                S::None, null, 2.0, $p),
            new KindRow(K::Display, ['DIS', 'DISP', 'LCD', 'DSP'], true, 'block-50x20x8', M::Dot, M::Dot, 'pin 1',
                C::ItselfDamaged, H::Tack, S::Fragile, null, 8.0, $p),
            new KindRow(K::Sensor, ['SEN', 'B', 'MK', 'MIC'], true, 'TO-92', M::Flat, M::Flat, 'body outline',
                C::ItselfDamaged, H::Splay, S::Fragile, null, 0.3, $p),
            new KindRow(K::HeatSink, ['HS'], false, 'block-20x15x25', null, null, null, null, H::Tack, S::None, null,
                8.0, $p),
            new KindRow(K::Knob, ['KN'], false, 'none', null, null, null, null, H::NoneNeeded, S::None, null, 4.0, $p),
            new KindRow(K::Screw, ['SCR', 'M'], false, 'none', null, null, null, null, H::NoneNeeded, S::None, null,
                0.8, $p),
            new KindRow(K::Nut, ['NUT'], false, 'none', null, null, null, null, H::NoneNeeded, S::None, null, 0.4, $p),
            new KindRow(K::Washer, ['WSH'], false, 'none', null, null, null, null, H::NoneNeeded, S::None, null, 0.1,
                $p),
            new KindRow(K::Standoff, ['ST', 'SO', 'MP', 'STD'], false, 'none', null, null, null, null, H::NoneNeeded,
                S::None, null, 1.5, $p),
            new KindRow(K::Board, ['PCB', 'BOARD', 'A'], false, 'none', null, null, null, null, H::NoneNeeded,
                S::Fragile, null, 15.0, $p),
            new KindRow(K::Panel, ['PANEL', 'PNL'], false, 'none', null, null, null, null, H::NoneNeeded, S::None,
                null, 40.0, $p),
            new KindRow(K::Enclosure, ['BOX', 'CASE', 'ENC', 'LID'], false, 'none', null, null, null, null,
                H::NoneNeeded, S::None, null, 80.0, $p),
            new KindRow(K::Wire, ['W'], false, 'none', null, null, null, null, H::NoneNeeded, S::None, null, 0.5, $p),
            new KindRow(K::Cable, ['CBL'], false, 'none', M::RedEdge, M::RedEdge, 'pin 1', C::WorksAfterTurning,
                H::NoneNeeded, S::None, null, 5.0, $p),
            new KindRow(K::Feet, ['FT', 'FEET'], false, 'none', null, null, null, null, H::NoneNeeded, S::None, null,
                0.6, $p),
            new KindRow(K::Label, ['LBL'], false, 'none', null, null, null, null, H::NoneNeeded, S::None, null, 0.2,
                $p),
            new KindRow(K::Consumable, [], false, 'none', null, null, null, null, H::NoneNeeded, S::None, null, 1.0,
                $p),
            new KindRow(K::Former, [], false, 'none', null, null, null, null, H::NoneNeeded, S::None, null, 3.0, $p),
            new KindRow(K::Unknown, [], true, 'unknown', null, null, null, null, H::Tack, S::None, null, 0.0,
                'no row: the maker is asked'),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Chiralex\Part\Data;

use Chiralex\Part\BodyShape as B;
use Chiralex\Part\Leads;
use Chiralex\Part\LeadStyle as L;
use Chiralex\Part\Outline;
use Chiralex\Part\PinLayout;

/**
 * Outlines of fixed size. Seated heights and body lengths: published outlines quoted from memory, the middle where a range
 * is given; lead lengths from memory (wire 20 mm, DIP and socket pins 3.2, headers 3.0, blocks, relays, switches, jacks 3.5).
 */
final readonly class OutlineTable
{
    public const WIRE = 20.0;
    public const DIP_PIN = 3.2;
    public const HEADER_PIN = 3.0;
    public const BLOCK_PIN = 3.5;
    private const MEMORY = 'published outline, from memory';
    private const PRACTICE = 'common practice';

    /** @return array<string, Outline> by name */
    public static function rows(): array
    {
        $rows = [];
        foreach ([...self::wired(), ...self::stiff()] as $outline) {
            $rows[$outline->name] = $outline;
        }

        return $rows;
    }

    /** @return list<Outline> */
    private static function wired(): array
    {
        $m = self::MEMORY;
        $lying = static fn(string $name, float $length, float $diameter, float $pitch): Outline => new Outline(
            $name,
            B::Lying,
            $length,
            $diameter,
            $diameter,
            new Leads(L::AxialWire, self::WIRE),
            PinLayout::pair($pitch),
            $m,
        );

        return [
            $lying('axial-1/8W', 3.5, 1.9, 7.62),
            $lying('axial-1/4W', 6.3, 2.5, 10.16),
            $lying('axial-1/2W', 9.0, 3.3, 12.7),
            $lying('axial-1W', 11.5, 4.5, 15.24),
            $lying('axial-2W', 15.5, 5.0, 20.32),
            $lying('DO-35', 3.9, 2.0, 7.62),
            $lying('DO-41', 5.2, 2.7, 10.16),
            $lying('DO-201', 9.5, 5.3, 15.24),
            new Outline(
                'TO-92',
                B::Box,
                5.0,
                4.0,
                9.2,
                new Leads(L::RadialWire, self::WIRE),
                PinLayout::row(3, 2.54),
                'body 5.2 plus 4 mm standoff, from memory',
            ),
            new Outline('TO-220', B::Box, 10.2, 4.5, 18.0, new Leads(L::RadialWire, 13.0), PinLayout::row(3, 2.54), $m),
            new Outline('TO-126', B::Box, 8.0, 3.0, 15.0, new Leads(L::RadialWire, 14.0), PinLayout::row(3, 2.29), $m),
            new Outline('TO-18', B::Can, 5.4, 5.4, 8.5, new Leads(L::RadialWire, 14.0), PinLayout::row(3, 2.54), $m),
            new Outline('TO-247', B::Box, 15.9, 5.0, 24.0, new Leads(L::RadialWire, 14.0), PinLayout::row(3, 5.45), $m),
            new Outline('TO-5', B::Can, 9.4, 9.4, 9.6, new Leads(L::RadialWire, 14.0), PinLayout::row(3, 2.54), $m),
            new Outline('HC-49/S', B::Box, 10.8, 4.5, 3.5, new Leads(L::RadialWire, 12.7), PinLayout::pair(4.88), $m),
            new Outline('HC-49/U', B::Box, 11.0, 4.7, 13.5, new Leads(L::RadialWire, 12.7), PinLayout::pair(4.88), $m),
            new Outline(
                'led-5mm',
                B::Dome,
                5.8,
                5.8,
                8.7,
                new Leads(L::RadialWire, self::WIRE),
                PinLayout::pair(2.54),
                $m,
            ),
            new Outline(
                'led-3mm',
                B::Dome,
                3.8,
                3.8,
                5.3,
                new Leads(L::RadialWire, self::WIRE),
                PinLayout::pair(2.54),
                $m,
            ),
            new Outline(
                'bead-5x8',
                B::Dome,
                5.0,
                5.0,
                8.0,
                new Leads(L::RadialWire, self::WIRE),
                PinLayout::pair(2.54),
                self::PRACTICE,
            ),
        ];
    }

    /** @return list<Outline> */
    private static function stiff(): array
    {
        $m = self::MEMORY;
        $p = self::PRACTICE;
        $triangle = ['1' => [-2.54, 0.0], '2' => [0.0, 2.54], '3' => [2.54, 0.0]];

        return [
            new Outline(
                'bridge-4',
                B::Box,
                15.0,
                9.0,
                7.0,
                new Leads(L::StiffPins, self::BLOCK_PIN),
                PinLayout::row(4, 3.81),
                $p,
            ),
            new Outline(
                'battery-leads',
                B::Box,
                4.0,
                2.0,
                2.0,
                new Leads(L::RadialWire, self::WIRE),
                PinLayout::pair(5.08),
                $p,
            ),
            new Outline(
                'leads-2',
                B::Box,
                4.0,
                2.0,
                2.0,
                new Leads(L::RadialWire, self::WIRE),
                PinLayout::pair(5.08),
                $p,
            ),
            new Outline(
                'capsule-9.7',
                B::Can,
                9.7,
                9.7,
                6.7,
                new Leads(L::StiffPins, self::DIP_PIN),
                PinLayout::pair(2.54),
                $p,
            ),
            new Outline(
                'ldr-5mm',
                B::Box,
                5.1,
                4.3,
                6.0,
                new Leads(L::RadialWire, self::WIRE),
                PinLayout::pair(3.4),
                $p,
            ),
            new Outline('trimmer-6mm', B::Box, 6.8, 6.6, 7.0, new Leads(L::StiffPins, self::BLOCK_PIN), $triangle, $p),
            new Outline(
                'trimmer-10mm',
                B::Box,
                10.0,
                10.5,
                10.5,
                new Leads(L::StiffPins, self::BLOCK_PIN),
                ['1' => [-5.08, 0.0], '2' => [0.0, 5.08], '3' => [5.08, 0.0]],
                $p,
            ),
            new Outline(
                'trimmer-multiturn',
                B::Box,
                9.5,
                4.8,
                10.0,
                new Leads(L::StiffPins, self::BLOCK_PIN),
                PinLayout::row(3, 2.54),
                $p,
            ),
            new Outline(
                'potentiometer-16mm',
                B::Box,
                17.0,
                20.0,
                10.0,
                new Leads(L::StiffPins, self::BLOCK_PIN),
                PinLayout::row(3, 5.0),
                $p,
            ),
            new Outline(
                'potentiometer-9mm',
                B::Box,
                9.5,
                12.0,
                7.0,
                new Leads(L::StiffPins, self::BLOCK_PIN),
                PinLayout::row(3, 2.5),
                $p,
            ),
            new Outline(
                'relay-cube',
                B::Box,
                19.0,
                15.4,
                15.5,
                new Leads(L::StiffPins, self::BLOCK_PIN),
                ['1' => [-7.1, 0.0], '2' => [-5.1, 6.0], '3' => [7.1, 6.0], '4' => [7.1, -6.0], '5' => [-5.1, -6.0]],
                $m,
            ),
            new Outline(
                'tact-6x6',
                B::Box,
                6.0,
                6.0,
                6.9,
                new Leads(L::SnapIn, self::BLOCK_PIN),
                ['1' => [-3.25, 2.25], '2' => [3.25, 2.25], '3' => [-3.25, -2.25], '4' => [3.25, -2.25]],
                $m,
            ),
            new Outline(
                'barrel-jack',
                B::Box,
                14.2,
                9.0,
                11.0,
                new Leads(L::StiffPins, self::BLOCK_PIN),
                ['1' => [-6.0, 0.0], '2' => [0.0, 0.0], '3' => [-3.0, 4.7]],
                $m,
            ),
            new Outline(
                'jack-6.35',
                B::Box,
                22.0,
                16.0,
                12.0,
                new Leads(L::StiffPins, self::BLOCK_PIN),
                PinLayout::dual(6, 6.0, 12.0),
                $p,
            ),
            new Outline(
                'jack-3.5',
                B::Box,
                12.0,
                6.5,
                6.0,
                new Leads(L::StiffPins, self::BLOCK_PIN),
                PinLayout::row(3, 2.5),
                $p,
            ),
            new Outline(
                'battery-snap',
                B::Box,
                53.0,
                28.0,
                18.5,
                new Leads(L::StiffPins, self::BLOCK_PIN),
                PinLayout::pair(12.7),
                $m,
            ),
            new Outline(
                'unknown',
                B::Box,
                8.0,
                8.0,
                8.0,
                new Leads(L::StiffPins, self::BLOCK_PIN),
                PinLayout::pair(5.08),
                'no outline: a stand-in until the maker says',
            ),
            new Outline('none', B::Box, 0.0, 0.0, 0.0, new Leads(L::None, 0.0), [], 'not on a board'),
        ];
    }
}

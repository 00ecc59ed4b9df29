<?php

declare(strict_types=1);

namespace Chiralex\Part;

use Chiralex\Limits;
use Chiralex\Part\Data\OutlineTable as T;

/** Outlines by name: fixed ones from the table, families with sizes in their names (`DIP-14`, `radial-6.3x11`) built on demand. */
final readonly class Outlines
{
    /** Families whose numbers count pins. */
    private const COUNTED = ['DIP', 'socket-DIP', 'sip', 'header', 'strip', 'box-header', 'power', 'jack-din'];
    /** Sizes lie below, millimetres, so that bodies stay within their limit whatever is added around them. */
    private const LARGEST = Limits::PLACE_MM / 10;

    /** @param array<string, Outline> $fixed */
    private function __construct(private array $fixed) {}

    public static function standard(): self
    {
        return new self(T::rows());
    }

    public function named(string $name): Outline
    {
        return $this->find($name) ?? $this->fixed['unknown'];
    }

    public function find(string $name): ?Outline
    {
        if (isset($this->fixed[$name])) {
            return $this->fixed[$name];
        }
        if (
            preg_match(
                '~^([a-zA-Z-]+?)-(\d+(?:\.\d+)?)(?:x(\d+(?:\.\d+)?))?(?:x(\d+(?:\.\d+)?))?(?:mm)?$~',
                $name,
                $found,
            ) !== 1
        ) {
            return null;
        }
        $a = (float) $found[2];
        $b = (float) ($found[3] ?? 0);
        $c = (float) ($found[4] ?? 0);

        if (
            max($a, $b, $c) >= self::LARGEST ||
            ($a * max(1.0, $b) > Limits::PINS && in_array($found[1], self::COUNTED, true))
        ) {
            return null;
        }

        return $this->wired($name, $found[1], $a, $b) ?? $this->stiff($name, $found[1], $a, $b, $c);
    }

    /** Bodies on wire leads, told by their sizes in millimetres. */
    private function wired(string $name, string $body, float $a, float $b): ?Outline
    {
        return match ($body) {
            'radial' => new Outline(
                $name,
                BodyShape::Can,
                $a,
                $a,
                $b,
                new Leads(LeadStyle::RadialWire, T::WIRE),
                PinLayout::pair(self::radialPitch($a)),
                'diameter and height as named; lead pitch by diameter, common practice',
            ),
            'can' => new Outline(
                $name,
                BodyShape::Can,
                $a,
                $a,
                $b,
                new Leads(LeadStyle::None, 0.0),
                [],
                'diameter and height as named',
            ),
            'disc' => new Outline(
                $name,
                BodyShape::Box,
                max(5.0, $a),
                3.0,
                6.0,
                new Leads(LeadStyle::RadialWire, T::WIRE),
                PinLayout::pair($a),
                'ceramic disc 5 to 7 mm high, from memory',
            ),
            'film-box' => new Outline(
                $name,
                BodyShape::Box,
                $a + 2.2,
                3.5,
                7.75,
                new Leads(LeadStyle::RadialWire, T::WIRE),
                PinLayout::pair($a),
                'film box 6.5 to 9 mm high, from memory',
            ),
            'axial' => new Outline(
                $name,
                BodyShape::Lying,
                6.3,
                2.5,
                2.5,
                new Leads(LeadStyle::AxialWire, T::WIRE),
                PinLayout::pair($a),
                'axial 1/4 W body at the pitch named, from memory',
            ),
            'link' => new Outline(
                $name,
                BodyShape::Lying,
                $a,
                0.7,
                0.7,
                new Leads(LeadStyle::AxialWire, T::WIRE),
                PinLayout::pair($a),
                'bare wire of 0.6 to 0.8 mm at the span named, common practice',
            ),
            default => null,
        };
    }

    /** Bodies on pins, told by their sizes in millimetres or their pins. */
    private function stiff(string $name, string $body, float $a, float $b, float $c): ?Outline
    {
        return match ($body) {
            'DIP' => $this->dip($name, (int) $a),
            'socket-DIP' => $this->socket($name, (int) $a),
            'sip' => new Outline(
                $name,
                BodyShape::Box,
                $a * 2.54,
                2.5,
                5.0,
                new Leads(LeadStyle::StiffPins, T::DIP_PIN),
                PinLayout::row((int) $a, 2.54),
                'SIP network 5 mm high, from memory',
            ),
            'header' => new Outline(
                $name,
                BodyShape::Box,
                $b * 2.54,
                $a * 2.54,
                8.5,
                new Leads(LeadStyle::StiffPins, T::HEADER_PIN),
                PinLayout::grid((int) $a, (int) $b, 2.54),
                'pin header 8.5 mm high, from memory',
            ),
            'strip' => new Outline(
                $name,
                BodyShape::Box,
                $b * 2.54,
                $a * 2.54,
                8.5,
                new Leads(LeadStyle::StiffPins, T::HEADER_PIN),
                PinLayout::grid((int) $a, (int) $b, 2.54),
                'socket strip 8.5 mm high, common practice',
            ),
            'box-header' => new Outline(
                $name,
                BodyShape::Box,
                $b * 2.54 + 7.6,
                8.9,
                9.0,
                new Leads(LeadStyle::StiffPins, T::HEADER_PIN),
                PinLayout::grid((int) $a, (int) $b, 2.54),
                'box header 9 mm high, from memory',
            ),
            'terminal' => new Outline(
                $name,
                BodyShape::Box,
                $a * $b,
                8.2,
                10.0,
                new Leads(LeadStyle::StiffPins, T::BLOCK_PIN),
                PinLayout::row((int) $a, $b),
                'terminal block 10 mm high, from memory',
            ),
            'power' => new Outline(
                $name,
                BodyShape::Box,
                max(10.2, $a * 1.34),
                4.8,
                18.0,
                new Leads(LeadStyle::StiffPins, T::BLOCK_PIN),
                PinLayout::row((int) $a, 1.27),
                'power package in one row, tab behind, from memory',
            ),
            'jack-din' => new Outline(
                $name,
                BodyShape::Box,
                20.0,
                15.0,
                20.0,
                new Leads(LeadStyle::StiffPins, T::BLOCK_PIN),
                PinLayout::row((int) $a, 2.54),
                'round audio socket, common practice',
            ),
            'tact' => new Outline(
                $name,
                BodyShape::Box,
                6.0,
                6.0,
                $c > 0 ? $c : 6.9,
                new Leads(LeadStyle::SnapIn, T::BLOCK_PIN),
                $this->fixed['tact-6x6']->pins,
                'tact switch, height as named',
            ),
            'block' => new Outline(
                $name,
                BodyShape::Box,
                $a,
                $b,
                $c,
                new Leads(LeadStyle::StiffPins, T::BLOCK_PIN),
                PinLayout::pair(max(2.54, $a - 4)),
                'length, width and height as named',
            ),
            default => null,
        };
    }

    private function dip(string $name, int $pins): Outline
    {
        return new Outline(
            $name,
            BodyShape::Box,
            self::dipWidth($pins) - 1.27,
            ($pins / 2) * 2.54 - 0.6,
            5.33,
            new Leads(LeadStyle::StiffPins, T::DIP_PIN),
            PinLayout::dual($pins, 2.54, self::dipWidth($pins)),
            'DIP seated 5.33 mm max (JEDEC MS-001, from memory)',
        );
    }

    private function socket(string $name, int $pins): Outline
    {
        return new Outline(
            $name,
            BodyShape::Box,
            self::dipWidth($pins) + 2.54,
            ($pins / 2) * 2.54,
            4.75,
            new Leads(LeadStyle::StiffPins, T::DIP_PIN),
            PinLayout::dual($pins, 2.54, self::dipWidth($pins)),
            'IC socket 4.5 to 5 mm high, from memory',
        );
    }

    private static function dipWidth(int $pins): float
    {
        return $pins >= 24 ? 15.24 : 7.62;
    }

    /** Lead pitch of radial cans by diameter; common practice, no source. */
    private static function radialPitch(float $diameter): float
    {
        return match (true) {
            $diameter <= 4.0 => 1.5,
            $diameter <= 5.0 => 2.0,
            $diameter <= 6.5 => 2.5,
            $diameter <= 8.5 => 3.5,
            $diameter <= 10.5 => 5.0,
            default => 7.5,
        };
    }
}
